<?php

/* Printers: a calibration sheet, what a ruler read of it, and the sheet that proves it. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Printer\CalibrationSheet;
use AmpleMargin\Sheet\Printer\Printer;
use AmpleMargin\Sheet\Printer\PrinterRefused;
use AmpleMargin\Sheet\Printer\Reading;
use App\Api\AskedSheets;
use App\Api\Body;
use App\Export\FileName;
use App\Export\PdfWriter;
use App\Repository\Printers;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/printers')]
final class PrinterController
{
    /** µm over 150 mm that a page can be off and nobody sees it. From memory. */
    private const GOOD = 200;

    public function __construct(private readonly Printers $printers)
    {
    }

    #[Route('', methods: 'GET')]
    public function all(): JsonResponse
    {
        $meant = [];
        foreach (['A4', 'A5', 'A3', 'Letter'] as $word) {
            $meant[$word] = Reading::true(PaperSize::ofPrinter($word) ?? PaperSize::A4)->written();
        }

        return new JsonResponse([
            'printers' => array_map(static fn (array $one): array => self::said(...$one), $this->printers->all()),
            'meant' => $meant,
        ]);
    }

    /** {name, paper, margin, read, proof} */
    #[Route('', methods: 'PUT')]
    public function keep(Request $request): JsonResponse
    {
        $values = Body::values($request);
        $paper = AskedSheets::paper($values->text('paper', 'A4', 12));
        $name = trim($values->text('name', '', 200));
        try {
            $read = Reading::read($paper, $values->map('read'));
            $proof = null;
            if ($values->flag('proof', false)) {
                $known = $this->printers->named($name, $paper);
                $proof = Millimetres::written($read->worst());
                // Where it is proved there is nothing to set right.
                $read = $read->worst() <= self::GOOD ? $known->reading : $read->of($known->reading);
            }
            $this->printers->keep(new Printer($name, $paper, $read, self::margin($values->text('margin', '5', 20))), $proof);
        } catch (PrinterRefused $refused) {
            throw PlanProblem::at($refused->field, $refused->getMessage());
        }

        return $this->all();
    }

    #[Route('/remove', methods: 'POST')]
    public function remove(Request $request): JsonResponse
    {
        $values = Body::values($request);
        $paper = PaperSize::ofPrinter($values->text('paper', 'A4', 12));
        $this->printers->remove($values->text('name', '', 200), $paper->value ?? '');

        return $this->all();
    }

    #[Route('/calibration.pdf', methods: 'GET')]
    public function calibration(Request $request, AskedSheets $asked, PdfWriter $writer): Response
    {
        $room = $asked->room($request);
        $what = 'Calibration sheet '.$room->paper->value.(null === $room->printer ? '' : ", {$room->printer->name}");

        return new Response($writer->write(CalibrationSheet::sides($room), $what), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, FileName::of('', $what, 'pdf')),
        ]);
    }

    private static function margin(string $said): int
    {
        return Millimetres::said($said) ?? throw PrinterRefused::margin();
    }

    private static function way(float $moved, string $one, string $other): string
    {
        return Millimetres::rounded(abs($moved) / 1000, 2).' mm '.($moved < 0 ? $other : $one);
    }

    /** @return array<string, mixed> */
    private static function said(Printer $printer, ?string $proof): array
    {
        $reading = $printer->reading;
        $meant = CalibrationSheet::lines($printer->paper);
        $percent = static fn (int $read, int $true): string => Millimetres::rounded(100 * $read / $true, 2).' %';
        $shift = static function (bool $back) use ($printer): string {
            $correction = $printer->correction($back);

            return self::way($correction->right, 'to the right', 'to the left').' and '.self::way($correction->lower, 'down', 'up');
        };

        return [
            'name' => $printer->name,
            'paper' => PaperSize::Letter === $printer->paper ? 'Letter' : $printer->paper->value,
            'margin' => Millimetres::written($printer->margin),
            'read' => $reading->written(),
            'off' => Millimetres::written($reading->worst()),
            'says' => "It draws {$percent($reading->across, $meant[0])} across and {$percent($reading->down, $meant[1])} down, and moves "
                ."the front {$shift(false)}, the back {$shift(true)}. Every sheet for it is set the other way.",
            'refined' => $proof,
        ];
    }
}
