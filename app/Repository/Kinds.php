<?php

/* The kinds of a person's own that stand in the drawer of every notebook. */

declare(strict_types=1);

namespace App\Repository;

use AmpleMargin\Plan\KindReader;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use App\Plan\ExactJson;
use Doctrine\DBAL\Connection;

final class Kinds
{
    public function __construct(private readonly Connection $database)
    {
    }

    /** @return list<OwnKind> by name; one that cannot be read is left out */
    public function all(): array
    {
        $kinds = [];
        /** @var list<string> $kept */
        $kept = $this->database->fetchFirstColumn('SELECT kind FROM kept_kind ORDER BY id');
        foreach ($kept as $written) {
            try {
                $kinds[] = KindReader::kind(Values::of(ExactJson::own($written)));
            } catch (PlanProblem|\JsonException) {
                continue;
            }
        }
        usort($kinds, static fn (OwnKind $a, OwnKind $b): int => strnatcasecmp($a->name, $b->name));

        return $kinds;
    }

    /** Those of a plan that it did not have before, or had otherwise. */
    public function keep(Plan $plan, ?Plan $before): void
    {
        foreach ($plan->kinds as $kind) {
            $was = $before?->kind($kind->id);
            if (null === $was || self::written($kind) !== self::written($was)) {
                $this->take($kind);
            }
        }
    }

    /** A kind into the drawer, in the place of one with its id. */
    public function take(OwnKind $kind): void
    {
        $this->database->executeStatement(
            'INSERT INTO kept_kind (id, kind) VALUES (?, ?) ON CONFLICT (id) DO UPDATE SET kind = excluded.kind',
            [$kind->id, self::written($kind)],
        );
    }

    private static function written(OwnKind $kind): string
    {
        return json_encode(PlanWriter::kind($kind), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** Out of the drawer; plans that have it keep it. */
    public function remove(string $id): void
    {
        $this->database->executeStatement('DELETE FROM kept_kind WHERE id = ?', [$id]);
    }
}
