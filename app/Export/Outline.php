<?php

/* Words set as an outline: joined and ordered as their script asks, independent of any printing face. */

declare(strict_types=1);

namespace App\Export;

final class Outline
{
    /**
     * All in thousandths of the letter size, upwards.
     *
     * @param int          $width   of the whole line
     * @param int          $ascent  of the faces used, above the base line
     * @param int          $descent below it, negative
     * @param string       $path    in PDF's operators, from the start of the base line
     * @param list<string> $missing letters that no face has, each once
     */
    public function __construct(
        public readonly int $width,
        public readonly int $ascent,
        public readonly int $descent,
        public readonly string $path,
        public readonly array $missing,
    ) {
    }
}
