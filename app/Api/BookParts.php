<?php

/*
 * A book answered in parts, each with a mark of what it holds: whoever has a part already is not sent it again. Of long lists only
 * the stretches are sent that are others.
 */

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\HttpFoundation\JsonResponse;

final class BookParts
{
    /** Sent every time, so that any answer says which notebook it is about. */
    private const ALWAYS = ['id', 'version', 'book'];

    /** Long lists, and how many of each are a stretch: one that is changed is sent with those beside it. */
    private const STRETCHES = ['pages' => 8, 'spreads' => 4];

    /** @var list<string> what is sent, as JSON */
    private array $written = [];

    /** @var array<string, string> marks that whoever asked does not have */
    private array $marks = [];

    /** @var list<string> lists of which some is sent, as JSON */
    private array $some = [];

    /** @param array<array-key, mixed> $have part → its mark, as an answer before gave it */
    private function __construct(private readonly array $have)
    {
    }

    /**
     * @param array<string, mixed>    $book
     * @param array<array-key, mixed> $have part → its mark, as an answer before gave it
     */
    public static function json(array $book, array $have): string
    {
        $parts = new self($have);
        foreach ($book as $part => $value) {
            if (\in_array($part, self::ALWAYS, true)) {
                $parts->written[] = self::encoded($part).':'.self::encoded($value);
            } elseif (isset(self::STRETCHES[$part]) && \is_array($value) && array_is_list($value)) {
                $parts->list($part, $value, self::STRETCHES[$part]);
            } else {
                $json = self::encoded($value);
                if ($parts->isNew($part, $json)) {
                    $parts->written[] = self::encoded($part).":$json";
                }
            }
        }
        if ([] !== $parts->some) {
            $parts->written[] = '"some":{'.implode(',', $parts->some).'}';
        }

        return '{'.implode(',', $parts->written).',"parts":'.self::encoded((object) $parts->marks).'}';
    }

    /**
     * @param list<mixed>  $values
     * @param positive-int $each
     */
    private function list(string $part, array $values, int $each): void
    {
        $stretches = array_map(self::encoded(...), array_chunk($values, $each));
        $whole = '['.implode(',', array_map(static fn (string $json): string => substr($json, 1, -1), $stretches)).']';
        if (!$this->isNew($part, $whole)) {
            return;
        }
        $at = [];
        foreach ($stretches as $i => $json) {
            if ($this->isNew("$part/$i", $json)) {
                $at[] = "\"$i\":$json";
            }
        }
        if (isset($this->have["$part/0"])) {
            $this->some[] = self::encoded($part).':{"of":'.\count($values).",\"each\":$each,\"at\":{".implode(',', $at).'}}';
        } else {
            $this->written[] = self::encoded($part).":$whole";
        }
    }

    /** Whether whoever asked does not have it; its mark is told then. */
    private function isNew(string $name, string $json): bool
    {
        $mark = hash('xxh3', $json);
        if (($this->have[$name] ?? null) === $mark) {
            return false;
        }
        $this->marks[$name] = $mark;

        return true;
    }

    private static function encoded(mixed $value): string
    {
        return json_encode($value, JsonResponse::DEFAULT_ENCODING_OPTIONS | \JSON_THROW_ON_ERROR);
    }
}
