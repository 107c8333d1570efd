<?php

/* Notebooks in the database: found, put on the shelf, changed, taken back. Every write is one transaction. */

declare(strict_types=1);

namespace App\Repository;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use App\Api\NotFound;
use App\Api\Stale;
use App\Entity\Edit;
use App\Entity\Notebook;
use App\Entity\TickedStep;
use App\Plan\PlanFiles;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;

final class Notebooks
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly PlanFiles $files)
    {
    }

    /** @return list<Notebook> the last changed first */
    public function all(): array
    {
        return $this->entities->getRepository(Notebook::class)->findBy([], ['changed' => 'DESC', 'id' => 'DESC']);
    }

    /** @throws NotFound */
    public function get(string $id): Notebook
    {
        return $this->entities->find(Notebook::class, $id) ?? throw new NotFound('There is no such notebook on the shelf.');
    }

    /** @param list<array{drawing: string, step: string}> $ticked */
    public function add(Plan $plan, array $ticked = []): Notebook
    {
        $notebook = new Notebook($this->files->write($plan));
        $this->entities->persist($notebook);
        foreach (array_unique($ticked, \SORT_REGULAR) as $tick) {
            $this->entities->persist(new TickedStep($notebook, $tick['drawing'], $tick['step']));
        }
        $this->entities->flush();

        return $notebook;
    }

    /** @throws Stale where it was changed since `$version` */
    public function remove(Notebook $notebook, int $version): void
    {
        $this->at($notebook, $version);
        $this->entities->remove($notebook);
        $this->flush($notebook);
    }

    /** @throws Stale where the notebook was changed since `$version`; nothing is written then */
    public function edit(Notebook $notebook, int $version, mixed $edit): void
    {
        $this->at($notebook, $version);
        $before = $notebook->plan();
        $edited = Edits::apply($this->files->stored($before), $edit);
        $after = $this->files->write($edited->plan);
        if ($after === $before) {
            return;
        }
        $this->entities->wrapInTransaction(function () use ($notebook, $edited, $before, $after): void {
            // What was taken back and not put again is left behind by a new edit.
            $this->entities->getConnection()->executeStatement('DELETE FROM edit WHERE notebook_id = ? AND number > ?', [$notebook->id, $notebook->edits()]);
            $number = $notebook->edits() + 1;
            $this->entities->persist(new Edit($notebook, $number, mb_substr($edited->said, 0, 500), $before, $after));
            $notebook->become($after, $number);
            $this->flush($notebook);
        });
    }

    /** Takes the last edit back. Nothing to take back changes nothing. @throws Stale */
    public function undo(Notebook $notebook, int $version): void
    {
        $this->at($notebook, $version);
        $edit = $this->numbered($notebook, $notebook->edits());
        if (null !== $edit) {
            $notebook->become($edit->before(), $edit->number - 1);
            $this->flush($notebook);
        }
    }

    /** Puts the edit again that was taken back last. @throws Stale */
    public function redo(Notebook $notebook, int $version): void
    {
        $this->at($notebook, $version);
        $edit = $this->numbered($notebook, $notebook->edits() + 1);
        if (null !== $edit) {
            $notebook->become($edit->after(), $edit->number);
            $this->flush($notebook);
        }
    }

    /**
     * The words of the edit that would be taken back and of the one that would be put again.
     *
     * @return array{?string, ?string}
     */
    public function around(Notebook $notebook): array
    {
        /** @var array<int, string> $said the words alone: the plans beside them are large */
        $said = $this->entities->getConnection()->fetchAllKeyValue('SELECT number, said FROM edit WHERE notebook_id = ? AND number BETWEEN ? AND ?', [$notebook->id, $notebook->edits(), $notebook->edits() + 1]);

        return [$said[$notebook->edits()] ?? null, $said[$notebook->edits() + 1] ?? null];
    }

    /** @return list<array{drawing: string, step: string}> */
    public function ticked(Notebook $notebook): array
    {
        /** @var list<array{drawing: string, step: string}> $rows */
        $rows = $this->entities->createQuery('SELECT t.drawing, t.step FROM '.TickedStep::class.' t WHERE t.notebook = :notebook ORDER BY t.drawing, t.step')
            ->execute(['notebook' => $notebook]);

        return $rows;
    }

    public function tick(Notebook $notebook, string $drawing, string $step, bool $done): void
    {
        $found = $this->entities->find(TickedStep::class, ['notebook' => $notebook->id, 'drawing' => $drawing, 'step' => $step]);
        if ($done && null === $found) {
            $this->entities->persist(new TickedStep($notebook, $drawing, $step));
        } elseif (!$done && null !== $found) {
            $this->entities->remove($found);
        }
        $this->entities->flush();
    }

    private function at(Notebook $notebook, int $version): void
    {
        try {
            $this->entities->lock($notebook, LockMode::OPTIMISTIC, $version);
        } catch (OptimisticLockException) {
            throw new Stale($notebook->id);
        }
    }

    private function flush(Notebook $notebook): void
    {
        try {
            $this->entities->flush();
        } catch (OptimisticLockException) {
            throw new Stale($notebook->id);
        }
    }

    private function numbered(Notebook $notebook, int $number): ?Edit
    {
        return $this->entities->getRepository(Edit::class)->findOneBy(['notebook' => $notebook, 'number' => $number]);
    }
}
