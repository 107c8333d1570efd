<?php

/* The printers whose calibration sheets were read. */

declare(strict_types=1);

namespace App\Repository;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Printer\Printer;
use AmpleMargin\Sheet\Printer\PrinterRefused;
use AmpleMargin\Sheet\Printer\Reading;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\TableNotFoundException;

final class Printers
{
    /** Printers with one paper each. */
    private const MOST = 40;

    public function __construct(private readonly Connection $database)
    {
    }

    /** @return list<array{Printer, string|null}> by name, with how far off its proof was in mm; one that cannot be read is left out */
    public function all(): array
    {
        $printers = [];
        try {
            /** @var list<array{name: string, paper: string, margin: string, reading: string, proof: string|null}> $rows */
            $rows = $this->database->fetchAllAssociative(
                'SELECT name, paper, margin, reading, proof FROM kept_printer ORDER BY name, paper',
            );
        } catch (TableNotFoundException) {
            // A command on a machine where the program was never started knows none.
            return [];
        }
        foreach ($rows as $row) {
            $paper = PaperSize::tryFrom($row['paper']);
            $read = json_decode($row['reading'], true);
            try {
                if (null !== $paper && \is_array($read)) {
                    $margin = Millimetres::read((float) $row['margin']);
                    $printers[] = [new Printer($row['name'], $paper, Reading::kept($paper, $read), $margin), $row['proof']];
                }
            } catch (PrinterRefused) {
                continue;
            }
        }

        return $printers;
    }

    /** @throws PlanProblem where there is none of that name with that paper */
    public function named(string $name, PaperSize $paper): Printer
    {
        foreach ($this->all() as [$printer]) {
            if ($printer->name === $name && $printer->paper === $paper) {
                return $printer;
            }
        }
        throw PlanProblem::at('printer', "The printer “{$name}” was not calibrated with $paper->value: print its calibration sheet first.");
    }

    public function keep(Printer $printer, ?string $proof = null): void
    {
        $known = array_filter(
            $this->all(),
            static fn (array $one): bool => $one[0]->name === $printer->name && $one[0]->paper === $printer->paper,
        );
        if ([] === $known && \count($this->all()) >= self::MOST) {
            throw PlanProblem::at('name', self::MOST.' printers are kept at most: take one away first.');
        }
        $this->database->executeStatement(
            'INSERT INTO kept_printer (name, paper, margin, reading, proof) VALUES (?, ?, ?, ?, ?) ON CONFLICT (name, paper) '
                .'DO UPDATE SET margin = excluded.margin, reading = excluded.reading, proof = excluded.proof',
            [
                $printer->name,
                $printer->paper->value,
                Millimetres::written($printer->margin),
                json_encode($printer->reading->written(), \JSON_THROW_ON_ERROR),
                $proof,
            ],
        );
    }

    public function remove(string $name, string $paper): void
    {
        $this->database->executeStatement('DELETE FROM kept_printer WHERE name = ? AND paper = ?', [$name, $paper]);
    }
}
