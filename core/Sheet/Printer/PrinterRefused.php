<?php

/* A figure of the calibration sheet that no printer draws; `$field` names it. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Printer;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Refused;

final class PrinterRefused extends \DomainException implements Refused
{
    private function __construct(public readonly string $field, string $says)
    {
        parent::__construct($says);
    }

    public static function off(string $field, int $read, int $meant): self
    {
        $percent = Millimetres::rounded(100 * abs($read - $meant) / $meant, 0);

        return new self($field, Millimetres::written($read).' mm instead of '.Millimetres::written($meant).": $percent % "
            .($read > $meant ? 'too long' : 'too short').'. That is a setting, not the printer: print the sheet at 100 %, without '
            .'“fit to page”, on the paper it says, and read it again. Up to 5 % can be set right.');
    }

    public static function moved(string $field, int $read, int $meant): self
    {
        return new self($field, 'The frame stands '.Millimetres::written($read).' mm from the edge instead of '
            .Millimetres::written($meant).': more than 8 mm out of place is another paper in the tray, or a setting. Print it again on the '
            .'paper it says, at 100 %.');
    }

    public static function noLength(string $field): self
    {
        return new self($field, 'Write what the ruler reads in mm, such as 150.8 or 150,8.');
    }

    public static function name(): self
    {
        return new self('name', 'Give the printer a name of 1 to 60 letters, such as “kitchen”.');
    }

    public static function margin(): self
    {
        return new self('margin', 'What the printer leaves white along its edges is 3 to 20 mm.');
    }
}
