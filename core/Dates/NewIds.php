<?php

/* Ids for entries that come in together, made of their words, each once. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class NewIds
{
    /** @var array<string, true> */
    private array $taken;

    public function __construct(KnownDates $known)
    {
        $this->taken = array_fill_keys(array_column($known->entries, 'id'), true);
    }

    /** Small letters, figures and hyphens; a figure after it where there is one like it. */
    public function of(string $words): string
    {
        $latin = strtolower((string) @iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $words));
        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', $latin), '-');
        $stem = '' === $plain ? 'date' : rtrim(substr($plain, 0, 30), '-');
        $id = $stem;
        for ($n = 2; isset($this->taken[$id]); ++$n) {
            $id = "$stem-$n";
        }
        $this->taken[$id] = true;

        return $id;
    }
}
