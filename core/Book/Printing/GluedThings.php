<?php

/* Envelopes, pockets and leaves that fold out, as the book's pages have them, or one of a size that is said. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Inset;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Net;
use AmpleMargin\Sheet\Piece\Piece;

final class GluedThings implements Printable
{
    /** Boxes of a side, as on a page. */
    private const MOST = 100;

    private const HINGES = ['head', 'foot', 'outer'];

    public static function word(): string
    {
        return 'glued';
    }

    public static function name(): string
    {
        return 'Envelopes, pockets, flip-outs';
    }

    public static function asks(): string
    {
        return 'nothing for those of the book; or one: envelope 10x8, pocket 12x9, flip-out 10x14 foot, in boxes';
    }

    public function pieces(Context $context, string $said): array
    {
        if ('' !== $said) {
            return [$this->one($context, $said)];
        }
        $pieces = [];
        foreach (Insets::of($context, ['envelope', 'pocket', 'flip-out']) as [$title, $inset]) {
            $pieces[] = $this->net($inset, $context->pitch(), $title);
        }
        if ([] === $pieces) {
            throw PlanProblem::at(
                'glued',
                'Nothing is glued into this book yet. Say one, in boxes: envelope 10x8, pocket 12x9, flip-out 10x14 foot.',
            );
        }

        return $pieces;
    }

    private function one(Context $context, string $said): Piece
    {
        $words = '/^(envelope|pocket|flip-out)\s+(\d{1,3})\s*[x×]\s*(\d{1,3})(?:\s+(head|foot|outer))?$/Du';
        if (1 !== preg_match($words, $said, $found) || min($found[2], $found[3]) < 2 || max($found[2], $found[3]) > self::MOST) {
            throw PlanProblem::at('glued', 'Say what, and its boxes across and down, 2 to '.self::MOST.': envelope 10x8, pocket 12x9, '
                .'flip-out 10x14 and the edge it is taped by, '.implode(', ', self::HINGES).'.');
        }
        $pitch = $context->pitch();
        $inset = new Inset($found[1], '', (int) $found[2] * $pitch, (int) $found[3] * $pitch, $found[4] ?? 'outer');

        return $this->net($inset, $pitch, "$found[2] × $found[3] boxes");
    }

    private function net(Inset $inset, int $pitch, string $about): Piece
    {
        [$w, $t] = [$inset->wide, $inset->tall];

        return match ($inset->what) {
            'envelope' => Net::envelope($w, $t, $pitch, "Envelope, $about", Caution::CUT),
            'pocket' => Net::pocket($w, $t, $pitch, "Pocket, $about", Caution::CUT),
            default => Net::flipOut($w, $t, $inset->hinge, $pitch, "Leaf that folds out, $about", Caution::CUT),
        };
    }
}
