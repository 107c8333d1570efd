<?php

/* What findings say in numbers, by patterns written here: what is needed is more than what there is, and what there is is the page’s. */

declare(strict_types=1);

namespace Tests\Laws;

final class FindingSentences
{
    /**
     * Numbers that are compared with nothing but one another: which of them must be the larger, by their places in the pattern.
     *
     * @return array<string, list<array{int, int}>> pattern → pairs, the larger first
     */
    private static function patterns(): array
    {
        return [
            '(?:needs|need) (\d+) box(?:es)? (?:across|down); (?:the part|the page) has (\d+)\.' => [[0, 1]],
            '(\d+) letters?, (\d+) box(?:es)? .*(?:has|a frame has) (\d+)\.' => [[1, 2]],
            'takes (\d+) box(?:es)? .*has (\d+)\.' => [[0, 1]],
            'has room for (\d+) lines?; (\d+) are written' => [[1, 0]],
            'has (\d+) letters; (\d+) stand down' => [[0, 1]],
            'letters, as wide as (\d+): too many to be read in (\d+) boxes?, where (\d+) fit' => [[0, 2]],
            'has (\d+) letters: too many to be read in (\d+) boxes?, where (\d+) fit' => [[0, 2]],
            '(\d+) lines of .* need (\d+) boxes; the page has (\d+)' => [[1, 2]],
            '(\d+) lines of .* need (\d+) down; the part has (\d+)' => [[1, 2]],
            '(\d+) items? (?:is|are) more than the (\d+) rows?' => [[0, 1]],
            '^(\d+) marks?[; ].*?(\d+) can be told apart' => [[0, 1]],
            '(\d+) cut lea(?:f|ves) (?:has|have) (\d+) faces; the months need (\d+)\. The faces share the months, the first ones the fuller: [\d, ]+\. With (\d+) leaves' => [[2, 1], [3, 0]],
            'keeps (\d+) at least; it has (\d+)' => [[0, 1]],
            'is (\d+) letters wide; .* of (\d+) box(?:es)? holds (\d+) that can be read' => [[0, 2]],
            'have no month|has no month' => [],
            'There are \d+ cells?, and words for more: ' => [],
            'stands (?:at the head of its page|in its part), and not across the fold: ' => [],
            '(\d+) parts do not fit (?:across|down) (\d+) box' => [],
            'The quote has (\d+) lines? and .* room for (\d+): (\d+) lines? (?:is|are) left out' => [[0, 1]],
            'The quote has (\d+) lines? and .* room for none' => [],
            'of (\d+) boxes a strip of (\d+) leaves (\d+)\. Make the strip (\d+)' => [],
            'is (\d+) boxes (?:across|down); a box stays beside it on both sides, so it can have (\d+)' => [[0, 1]],
            'longest item has (\d+) letters; a strip of (\d+) boxes? holds (\d+)' => [[0, 2]],
            '(?:circles cannot all overlap|columns are not read across): (\d+)' => [],
            'wider than (?:its column|their columns) of (\d+)' => [],
            'The legend has (\d+) entries and the book (\d+) pens: .* from entry (\d+)' => [[0, 1], [2, 1]],
            '(\d+) divisors share (\d+) colours' => [[0, 1]],
            'leaves (\d+) rows for symbols' => [],
            '(\d+) months take (\d+) pages' => [],
            'do(?:es)? not fit (?:on|in|down) ' => [],
            'does not fit below the title' => [],
            '(?:need|needs) (\d+) × (\d+) boxes.*(?:has|have) (\d+) × (\d+)' => [],
            '(?:need|needs) .*(?:the page|the part|it) has (\d+) × (\d+)' => [],
            'boxes are left (?:on this page|below the title)' => [],
            'There are (\d+) already, so nothing is left to put aside for (\d+)' => [[0, 1]],
            'paydays? × (\d+) miss the aim by (\d+)' => [],
            '(\d+) to put aside on (\d+) paydays: on (\d+) of them' => [[1, 0]],
            'names no month and number' => [],
            'is no number such as|Is there a number' => [],
            'This takes more than (\d+) pages?' => [],
            'goes on|go on|longer than the part' => [],
            'Guide boxes on one line' => [],
            'at most (\d+) can be told apart' => [],
            'A corner divided by (\d+) has parts of less than (\d+) box' => [],
            'Half a page of (\d+) boxes is too narrow' => [],
            '(\d+) tabs down (\d+) boxes are a box high each' => [],
        ];
    }

    /** @return string|null what is wrong; null where it can be */
    public static function wrong(string $says, int $across, int $down): ?string
    {
        $plain = (string) preg_replace('/“[^”]*”/u', '“…”', $says);
        if (1 !== preg_match('/\d/', $plain)) {
            return null;
        }
        $read = 0;
        foreach (self::patterns() as $pattern => $pairs) {
            if (1 !== preg_match("/$pattern/u", $plain, $found)) {
                continue;
            }
            ++$read;
            $n = array_map(floatval(...), \array_slice($found, 1));
            foreach ($pairs as [$more, $less]) {
                // As much as there are is not too many; equal numbers are no reason.
                if ($n[$more] < $n[$less] || ($n[$more] === $n[$less] && !str_contains($plain, 'already'))) {
                    return "{$n[$more]} is not more than {$n[$less]}: $says";
                }
            }
        }
        // The page that is named is the page, or what is left of it below a title.
        if (1 === preg_match('/the page has (\d+) × (\d+)/u', $plain, $page) && ((int) $page[1] > max($across, $down) || (int) $page[2] > max($across, $down))) {
            return "the page has $across × $down: $says";
        }

        return 0 === $read ? "unread: $plain" : null;
    }
}
