<?php

/* A kind of spread a person made on the bench and kept: it travels with the plan, and re-sizes itself to other paper. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class OwnKind
{
    public const MOST = 60;

    /** What its id begins with, so that it is never one of the program's. */
    public const OWN = 'own-';

    /**
     * @param string                  $id      small letters, figures and hyphens, beginning with "own-"
     * @param string                  $purpose a line for the catalogue; "" for none
     * @param array<array-key, mixed> $parts   a parting as docs/format.md has it, kept as it came
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly Section $section,
        public readonly string $purpose,
        public readonly array $parts,
    ) {
    }

    /** An id for a name: "own-the-boat-in-spring". */
    public static function idOf(string $name): string
    {
        $letters = \Transliterator::create('Any-Latin; Latin-ASCII; Lower()')?->transliterate($name);
        $id = trim((string) preg_replace('/[^a-z0-9]+/', '-', false === $letters ? '' : $letters ?? ''), '-');

        return self::OWN.('' === $id ? substr(hash('xxh3', $name), 0, 8) : mb_substr($id, 0, 30));
    }
}
