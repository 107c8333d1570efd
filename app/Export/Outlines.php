<?php

/* Has words set as outlines by outlines.mjs, for letters the printing library has no face for; what was set once is kept. */

declare(strict_types=1);

namespace App\Export;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Log\LoggerInterface;
use Psr\Log\NullLogger;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

final class Outlines
{
    /** Seconds one sheet's words may take; a hundred in ten scripts take half a second. */
    private const PATIENCE = 20;

    /** Seconds they are kept: a month. */
    private const KEPT = 2_592_000;

    /** @var array<string, Outline|null> of this request; null for what could not be set */
    private array $known = [];

    public function __construct(
        private readonly ?CacheItemPoolInterface $cache = null,
        private readonly LoggerInterface $log = new NullLogger(),
    ) {
    }

    /**
     * @param list<string> $texts
     *
     * @return array<string, Outline> by text; none where Node.js cannot be run, which the log says
     */
    public function of(array $texts): array
    {
        $asked = array_fill_keys($texts, null);
        $new = [];
        foreach (array_keys(array_diff_key($asked, $this->known)) as $text) {
            $kept = $this->cache?->getItem(self::key((string) $text))->get();
            $kept instanceof Outline ? $this->known[$text] = $kept : $new[] = (string) $text;
        }
        $set = [] === $new ? [] : $this->set($new);
        foreach ($set as $text => $outline) {
            $this->cache?->save($this->cache->getItem(self::key((string) $text))->set($outline)->expiresAfter(self::KEPT));
        }
        $this->known += $set + array_fill_keys($new, null);

        return array_filter(array_intersect_key($this->known, $asked));
    }

    /**
     * @param non-empty-list<string> $texts
     *
     * @return array<string, Outline>
     */
    private function set(array $texts): array
    {
        try {
            $said = (new Process(
                ['node', __DIR__.'/outlines.mjs'],
                input: json_encode($texts, \JSON_THROW_ON_ERROR),
                timeout: self::PATIENCE,
            ))->mustRun()->getOutput();
            /** @var list<array{width: int, ascent: int, descent: int, path: string, missing: list<string>}> $answers */
            $answers = json_decode($said, true, 8, \JSON_THROW_ON_ERROR);
        } catch (ExceptionInterface|\JsonException $failure) {
            $this->log->error('Words could not be set as outlines: {failure}', ['failure' => $failure->getMessage()]);

            return [];
        }

        return array_combine($texts, array_map(static fn (array $one): Outline => new Outline(...$one), $answers));
    }

    /** What sets them is part of the key, so that a change of it is seen. */
    private static function key(string $text): string
    {
        return 'outline.'.hash('xxh128', filemtime(__DIR__.'/outlines.mjs').$text);
    }
}
