<?php

/* The kinds of a person's own in a plan file. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class KindReader
{
    /** @return list<OwnKind> by id */
    public static function kinds(Values $values): array
    {
        $kinds = array_map(self::kind(...), $values->each('kinds', OwnKind::MOST));
        if (\count($kinds) !== \count(array_unique(array_column($kinds, 'id')))) {
            throw PlanProblem::at('kinds', 'Two kinds have the same id.');
        }

        return $kinds;
    }

    /** {id, name, section, purpose?, parts}. */
    public static function kind(Values $values): OwnKind
    {
        $id = PlanReader::id($values);
        $name = trim($values->text('name', '', 80));
        if (!str_starts_with($id, OwnKind::OWN)) {
            throw PlanProblem::at($values->path('id'), 'The id of a kind of your own begins with "'.OwnKind::OWN.'".');
        }
        if ('' === $name) {
            throw PlanProblem::at($values->path('name'), 'Give the kind a name.');
        }

        return new OwnKind(
            $id,
            $name,
            $values->choice('section', Section::class),
            trim($values->text('purpose', '', 200)),
            $values->kept('parts'),
        );
    }
}
