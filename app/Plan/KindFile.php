<?php

/* A kind of a person's own as a file to hand on (*.kind.json): what a plan has of it, and which version of the file it is. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\KindReader;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Part\PartRefused;

final class KindFile
{
    public const VERSION = 1;

    /** Bytes: a page of as many parts as there can be, each with all its words, takes a tenth of it. */
    public const LARGEST = 1_000_000;

    public static function written(OwnKind $kind): string
    {
        return json_encode(
            ['kind_file' => self::VERSION, 'kind' => PlanWriter::kind($kind)],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT | \JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }

    /** @throws PlanProblem where it is none, of a later version, or its page cannot be read */
    public static function read(string $file): OwnKind
    {
        if (\strlen($file) > self::LARGEST) {
            throw PlanProblem::at('', 'A kind has '.number_format(self::LARGEST).' bytes at most; this is no file of one.');
        }
        try {
            $values = Values::of(ExactJson::read($file));
        } catch (\JsonException) {
            throw PlanProblem::at('', 'This is no file of a kind: a kind that is handed on is called something.kind.json.');
        }
        $version = $values->all()['kind_file'] ?? null;
        if (!\is_int($version) || !$values->has('kind')) {
            throw PlanProblem::at('kind_file', 'This is no file of a kind: a kind that is handed on is called something.kind.json.');
        }
        if ($version > self::VERSION || $version < 1) {
            $says = "This file is of version $version; this program reads version ".self::VERSION.'. A newer one made it.';
            throw PlanProblem::at('kind_file', $says);
        }
        $unknown = array_diff(array_map(strval(...), array_keys($values->all())), ['kind_file', 'kind']);
        if ([] !== $unknown) {
            throw PlanProblem::at('', '“'.mb_strimwidth(array_values($unknown)[0], 0, 40, '…').'” is nothing a file of a kind has.');
        }
        $kind = KindReader::kind($values->inside('kind'));
        try {
            PartingFile::read($kind->parts);
        } catch (PartRefused $refused) {
            throw PlanProblem::at('kind/parts', $refused->getMessage());
        }

        return $kind;
    }
}
