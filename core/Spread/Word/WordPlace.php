<?php

/*
 * Where in a plan a word of a page is kept: the title, the name of a part, a setting of the page or of one part, and in a list which of
 * its lines. Written "title", "name/lines 2", "page/items/3", "part/legend/entries/0".
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Word;

final class WordPlace
{
    /**
     * @param string|null $part    as OfParts names it; null for the page
     * @param string|null $setting null for the title, or the name of the part
     * @param int|null    $line    of a list, from 0
     * @param int         $piece   of the words in it, from 0: before an arrow, after it
     */
    public function __construct(
        public readonly ?string $part = null,
        public readonly ?string $setting = null,
        public readonly ?int $line = null,
        public readonly int $piece = 0,
    ) {
    }

    /** Null where it is none. */
    public static function read(string $written): ?self
    {
        $pieces = explode('/', $written);
        $last = static fn (int $from): array => [
            isset($pieces[$from]) && ctype_digit($pieces[$from]) ? (int) $pieces[$from] : null,
            isset($pieces[$from + 1]) && ctype_digit($pieces[$from + 1]) ? (int) $pieces[$from + 1] : 0,
        ];

        return match (true) {
            ['title'] === $pieces => new self(),
            'name' === $pieces[0] && 2 === \count($pieces) => new self($pieces[1]),
            'page' === $pieces[0] && isset($pieces[1]) => new self(null, $pieces[1], ...$last(2)),
            'part' === $pieces[0] && isset($pieces[1], $pieces[2]) => new self($pieces[1], $pieces[2], ...$last(3)),
            default => null,
        };
    }

    public function __toString(): string
    {
        return implode('/', match (true) {
            null === $this->setting => null === $this->part ? ['title'] : ['name', $this->part],
            null === $this->part => ['page', $this->setting, $this->line ?? '-', $this->piece],
            default => ['part', $this->part, $this->setting, $this->line ?? '-', $this->piece],
        });
    }
}
