<?php

/* A book answered in parts, each with a mark of what it holds: whoever has a part already is not sent it again. */

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\HttpFoundation\JsonResponse;

final class BookParts
{
    /** Sent every time, so that any answer says which notebook it is about. */
    private const ALWAYS = ['id', 'version', 'book'];

    /**
     * @param array<string, mixed>    $book
     * @param array<array-key, mixed> $have part → its mark, as an answer before gave it
     */
    public static function json(array $book, array $have): string
    {
        $written = [];
        $marks = [];
        foreach ($book as $part => $value) {
            $json = json_encode($value, JsonResponse::DEFAULT_ENCODING_OPTIONS | \JSON_THROW_ON_ERROR);
            $always = \in_array($part, self::ALWAYS, true);
            $marks += $always ? [] : [$part => hash('xxh3', $json)];
            if ($always || ($have[$part] ?? null) !== $marks[$part]) {
                $written[] = json_encode($part, \JSON_THROW_ON_ERROR).":$json";
            }
        }

        return '{'.implode(',', $written).',"parts":'.json_encode($marks, \JSON_THROW_ON_ERROR).'}';
    }
}
