<?php

/* Notebooks in the database: found, put on the shelf, changed, taken back. Every write is one transaction. */

declare(strict_types=1);

namespace App\Repository;

use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Api\NotFound;
use App\Api\ShelfEntry;
use App\Api\Stale;
use App\Api\TickChange;
use App\Entity\Edit;
use App\Entity\Notebook;
use App\Entity\TickedStep;
use App\Plan\Composing;
use App\Plan\PlanFiles;
use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Doctrine\DBAL\LockMode;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Doctrine\Persistence\ManagerRegistry;

final class Notebooks
{
    public function __construct(
        private readonly ManagerRegistry $registry,
        private readonly PlanFiles $files,
        private readonly Composing $composing,
        private readonly DatabaseFile $file,
        private readonly Kinds $kinds,
        private readonly Memories $memories,
        private readonly Catalogue $catalogue = new Catalogue(),
    ) {
    }

    /** @return list<Notebook> the last changed first */
    public function some(int $from, int $most): array
    {
        return $this->entities()->getRepository(Notebook::class)->findBy([], ['changed' => 'DESC', 'id' => 'DESC'], $most, $from);
    }

    public function count(): int
    {
        return $this->entities()->getRepository(Notebook::class)->count();
    }

    /** @throws NotFound */
    public function get(string $id): Notebook
    {
        return $this->entities()->find(Notebook::class, $id) ?? throw new NotFound('There is no such notebook on the shelf.');
    }

    /** As it stands now, whatever was read or refused before in this request. @throws NotFound */
    public function afresh(string $id): Notebook
    {
        // A refused write closes the manager that tried it; what it held is stale anyway.
        $this->entities()->isOpen() ? $this->entities()->clear() : $this->registry->resetManager();

        return $this->get($id);
    }

    /**
     * A notebook for a plan, kept once it is known to be composed and answered.
     *
     * @template T
     *
     * @param list<array{drawing: string, step: string}> $ticked
     * @param \Closure(Notebook, ComposedPlan): T        $answer
     *
     * @return T
     *
     * @throws PlanProblem where the plan cannot be composed
     */
    public function add(Plan $plan, array $ticked, \Closure $answer): mixed
    {
        $composed = $this->composing->of($plan);
        $notebook = new Notebook($this->files->write($plan), ShelfEntry::of($composed), ShelfEntry::FORM);

        return $this->kept(function (EntityManagerInterface $entities) use ($plan, $notebook, $composed, $ticked, $answer): mixed {
            $this->put($entities, $notebook, $plan, $ticked);
            $entities->flush();

            return $this->answered($notebook, $composed, $answer);
        });
    }

    /**
     * Notebooks for plans: each is composed before any is kept, and all are kept or none.
     *
     * @param list<array{Plan, list<array{drawing: string, step: string}>}> $plans each with its steps ticked
     *
     * @return list<Notebook>
     *
     * @throws PlanProblem where one cannot be composed
     */
    public function addAll(array $plans): array
    {
        $notebooks = [];
        foreach ($plans as [$plan, $ticked]) {
            $notebook = new Notebook($this->files->write($plan), ShelfEntry::of($this->composing->of($plan)), ShelfEntry::FORM);
            $notebooks[] = [$plan, $ticked, $notebook];
        }

        return $this->kept(function (EntityManagerInterface $entities) use ($notebooks): array {
            foreach ($notebooks as [$plan, $ticked, $notebook]) {
                $this->put($entities, $notebook, $plan, $ticked);
            }
            $entities->flush();

            return array_column($notebooks, 2);
        });
    }

    /** @param list<array{drawing: string, step: string}> $ticked */
    private function put(EntityManagerInterface $entities, Notebook $notebook, Plan $plan, array $ticked): void
    {
        $this->kinds->keep($plan, null);
        $entities->persist($notebook);
        $once = [];
        foreach ($ticked as $tick) {
            // As text: "10" and "1e1" are two steps, and equal as numbers.
            $once["{$tick['drawing']}\n{$tick['step']}"] = $tick;
        }
        foreach ($once as $tick) {
            $entities->persist(new TickedStep($notebook, $tick['drawing'], $tick['step']));
        }
    }

    /** @throws Stale where it was changed since `$version` */
    public function remove(Notebook $notebook, int $version): void
    {
        $this->at($notebook, $version);
        $this->kept(function (EntityManagerInterface $entities) use ($notebook): void {
            $entities->remove($notebook);
            $this->flush($notebook);
        });
    }

    /**
     * The edit made, its books composed and the answer put together before anything is kept.
     *
     * @template T
     *
     * @param \Closure(Notebook, ComposedPlan): T $answer
     *
     * @return T
     *
     * @throws Stale       where the notebook was changed since `$version`; nothing is written then
     * @throws PlanProblem where the edit cannot be, or makes a book that cannot be composed
     */
    public function edit(Notebook $notebook, int $version, mixed $edit, \Closure $answer): mixed
    {
        $this->at($notebook, $version);
        $before = $notebook->plan();
        $was = $this->files->stored($before);
        $edited = Edits::apply($was, $edit, $this->catalogue);
        $after = $this->files->write($edited->plan);
        $composed = $this->composing->of($edited->plan, $was, $this->memories->of($notebook->id));
        if ($after === $before) {
            return $answer($notebook, $composed);
        }

        return $this->kept(function (
            EntityManagerInterface $entities,
        ) use ($notebook, $was, $edited, $before, $after, $composed, $answer): mixed {
            // What was taken back and not put again is left behind by a new edit.
            $entities->getConnection()->executeStatement(
                'DELETE FROM edit WHERE notebook_id = ? AND number > ?',
                [$notebook->id, $notebook->edits()],
            );
            $number = $notebook->edits() + 1;
            $entities->persist(new Edit($notebook, $number, mb_substr($edited->said, 0, 500), $before, $after));
            $notebook->become($after, $number, ShelfEntry::of($composed), ShelfEntry::FORM);
            $this->flush($notebook);
            $this->kinds->keep($edited->plan, $was);

            return $this->answered($notebook, $composed, $answer);
        });
    }

    /**
     * Takes the last edit back. Nothing to take back changes nothing.
     *
     * @template T
     *
     * @param \Closure(Notebook, ComposedPlan): T $answer
     *
     * @return T
     *
     * @throws Stale|PlanProblem
     */
    public function undo(Notebook $notebook, int $version, \Closure $answer): mixed
    {
        $this->at($notebook, $version);
        $edit = $this->numbered($notebook, $notebook->edits());

        return $this->become($notebook, null === $edit ? null : [$edit->before(), $edit->number - 1], $answer);
    }

    /**
     * Puts the edit again that was taken back last.
     *
     * @template T
     *
     * @param \Closure(Notebook, ComposedPlan): T $answer
     *
     * @return T
     *
     * @throws Stale|PlanProblem
     */
    public function redo(Notebook $notebook, int $version, \Closure $answer): mixed
    {
        $this->at($notebook, $version);
        $edit = $this->numbered($notebook, $notebook->edits() + 1);

        return $this->become($notebook, null === $edit ? null : [$edit->after(), $edit->number], $answer);
    }

    /**
     * The words of the edit that would be taken back and of the one that would be put again.
     *
     * @return array{?string, ?string}
     */
    public function around(Notebook $notebook): array
    {
        /** @var array<int, string> $said the words alone: the plans beside them are large */
        $said = $this->entities()->getConnection()->fetchAllKeyValue(
            'SELECT number, said FROM edit WHERE notebook_id = ? AND number BETWEEN ? AND ?',
            [$notebook->id, $notebook->edits(), $notebook->edits() + 1],
        );

        return [$said[$notebook->edits()] ?? null, $said[$notebook->edits() + 1] ?? null];
    }

    /** @return list<array{drawing: string, step: string}> */
    public function ticked(Notebook $notebook): array
    {
        /** @var list<array{drawing: string, step: string}> $rows */
        $rows = $this->entities()->createQuery('SELECT t.drawing, t.step FROM '.TickedStep::class.' t '
            .'WHERE t.notebook = :notebook AND t.done = true ORDER BY t.drawing, t.step')
            ->execute(['notebook' => $notebook]);

        return $rows;
    }

    /**
     * What was ticked last.
     *
     * @return array{drawing: string, step: string}|null
     */
    public function lastTick(Notebook $notebook): ?array
    {
        /** @var list<array{drawing: string, step: string}> $rows */
        $rows = $this->entities()->createQuery('SELECT t.drawing, t.step FROM '.TickedStep::class.' t '
            .'WHERE t.notebook = :notebook AND t.done = true ORDER BY t.moment DESC, t.at DESC, t.drawing, t.step')
            ->setMaxResults(1)
            ->execute(['notebook' => $notebook]);

        return $rows[0] ?? null;
    }

    /**
     * As the core reads them, with what was taken back: a step whose words were others has another key now, and what is said under that
     * one counts.
     *
     * @return array<string, array<string, bool>> drawing → whether a step is done, by key
     */
    public function doneSteps(Notebook $notebook): array
    {
        /** @var list<array{drawing: string, step: string, done: bool}> $rows */
        $rows = $this->entities()->createQuery('SELECT t.drawing, t.step, t.done FROM '.TickedStep::class.' t '
            .'WHERE t.notebook = :notebook ORDER BY t.drawing, t.step')
            ->execute(['notebook' => $notebook]);
        $said = [];
        foreach ($rows as $row) {
            $said[$row['drawing']][$row['step']] = $row['done'];
        }

        return $said;
    }

    /**
     * Versions of its plan and of its ticks, without reading either.
     *
     * @return array{version: int, ticks: int}
     *
     * @throws NotFound
     */
    public function state(string $id): array
    {
        $row = $this->entities()->getConnection()->fetchNumeric('SELECT version, ticks FROM notebook WHERE id = ?', [$id]);
        if (false === $row) {
            throw new NotFound('There is no such notebook on the shelf.');
        }
        /** @var array{int, int} $row */

        return ['version' => (int) $row[0], 'ticks' => (int) $row[1]];
    }

    /** @return list<array{drawing: string, step: string, at: int}> when each was ticked, in seconds, the first first */
    public function tickedAt(Notebook $notebook): array
    {
        /** @var list<array{drawing: string, step: string, at: \DateTimeImmutable}> $rows */
        $rows = $this->entities()->createQuery('SELECT t.drawing, t.step, t.at FROM '.TickedStep::class.' t '
            .'WHERE t.notebook = :notebook AND t.done = true ORDER BY t.at, t.drawing, t.step')
            ->execute(['notebook' => $notebook]);

        return array_map(static fn (array $row): array => ['at' => $row['at']->getTimestamp()] + $row, $rows);
    }

    /**
     * Steps done, or not, as devices say it: of two changes of one step the later one counts, whichever comes first; one that is sent
     * again is the same. One device counts its changes, so that a slow way to the program does not turn them round. All of them or none.
     *
     * @param list<TickChange> $changes
     *
     * @throws PlanProblem where the notebook has more ticks than any book has steps
     */
    public function tick(Notebook $notebook, array $changes): void
    {
        $this->kept(static function (EntityManagerInterface $entities) use ($notebook, $changes): void {
            $database = $entities->getConnection();
            $changed = 0;
            foreach ($changes as $change) {
                $changed += (int) $database->executeStatement(
                    'INSERT INTO ticked_step (notebook_id, drawing, step, at, done, moment, change) SELECT id, ?, ?, ?, ?, ?, ? '
                        .'FROM notebook WHERE id = ? ON CONFLICT (notebook_id, drawing, step) DO UPDATE SET '
                        // To tick what is ticked changes nothing: the page was timed by the first.
                        .'at = CASE WHEN ticked_step.done AND excluded.done THEN ticked_step.at ELSE excluded.at END, '
                        .'done = excluded.done, moment = excluded.moment, change = excluded.change '
                        .'WHERE CASE WHEN SUBSTR(excluded.change, 1, 13) = SUBSTR(ticked_step.change, 1, 13) '
                        .'THEN CAST(SUBSTR(excluded.change, 14) AS INTEGER) > CAST(SUBSTR(ticked_step.change, 14) AS INTEGER) '
                        .'ELSE excluded.moment >= ticked_step.moment END',
                    [$change->drawing, $change->step, $change->at(), $change->done, $change->moment, $change->id, $notebook->id],
                    [2 => Types::DATETIME_IMMUTABLE, 3 => Types::BOOLEAN],
                );
            }
            if ($changed > 0) {
                $database->executeStatement('UPDATE notebook SET ticks = ticks + 1 WHERE id = ?', [$notebook->id]);
            }
            if (false !== $database->fetchOne(
                'SELECT 1 FROM ticked_step WHERE notebook_id = ? LIMIT 1 OFFSET ?',
                [$notebook->id, TickedStep::MOST],
            )) {
                throw PlanProblem::at('step', 'A notebook keeps at most '.number_format(TickedStep::MOST).' ticked steps.');
            }
        });
    }

    /**
     * @template T
     *
     * @param array{string, int}|null            $state  a plan and the edits in force with it; null for no change
     * @param \Closure(Notebook, ComposedPlan): T $answer
     *
     * @return T
     */
    private function become(Notebook $notebook, ?array $state, \Closure $answer): mixed
    {
        [$plan, $edits] = $state ?? [$notebook->plan(), $notebook->edits()];
        // What was kept once can be come back to, whatever of it breaks today.
        $kept = $this->files->stored($plan);
        $composed = $this->composing->of($kept, $kept, $this->memories->of($notebook->id));

        return null === $state
            ? $answer($notebook, $composed)
            : $this->kept(function () use ($notebook, $plan, $edits, $composed, $answer): mixed {
                $notebook->become($plan, $edits, ShelfEntry::of($composed), ShelfEntry::FORM);
                $this->flush($notebook);

                return $this->answered($notebook, $composed, $answer);
            });
    }

    /**
     * The answer, and beside the notebook what was worked out for it.
     *
     * @template T
     *
     * @param \Closure(Notebook, ComposedPlan): T $answer
     *
     * @return T
     */
    private function answered(Notebook $notebook, ComposedPlan $composed, \Closure $answer): mixed
    {
        $answered = $answer($notebook, $composed);
        $this->memories->keep($notebook->id, $composed->memory);

        return $answered;
    }

    /**
     * One transaction, whole or not at all, and only then acknowledged.
     *
     * @template T
     *
     * @param \Closure(EntityManagerInterface): T $write
     *
     * @return T
     */
    private function kept(\Closure $write): mixed
    {
        $written = $this->entities()->wrapInTransaction($write);
        $this->file->isStillThere();

        return $written;
    }

    private function at(Notebook $notebook, int $version): void
    {
        try {
            $this->entities()->lock($notebook, LockMode::OPTIMISTIC, $version);
        } catch (OptimisticLockException) {
            throw new Stale($notebook->id);
        }
    }

    private function flush(Notebook $notebook): void
    {
        try {
            $this->entities()->flush();
        } catch (OptimisticLockException) {
            throw new Stale($notebook->id);
        } catch (ForeignKeyConstraintViolationException) {
            // Taken off the shelf in another window, between being read and being written.
            throw new NotFound('There is no such notebook on the shelf.');
        }
    }

    private function numbered(Notebook $notebook, int $number): ?Edit
    {
        return $this->entities()->getRepository(Edit::class)->findOneBy(['notebook' => $notebook, 'number' => $number]);
    }

    private function entities(): EntityManagerInterface
    {
        $entities = $this->registry->getManagerForClass(Notebook::class);

        return $entities instanceof EntityManagerInterface ? $entities : throw new \LogicException('Notebooks are mapped.');
    }
}
