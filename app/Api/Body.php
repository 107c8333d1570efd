<?php

/* The JSON a call sends, read with the place of whatever is wrong in it. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use App\Plan\ExactJson;
use App\Plan\PlanFiles;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

final class Body
{
    /** @throws PlanProblem|HttpException */
    public static function values(Request $request): Values
    {
        try {
            return Values::of(ExactJson::read(self::text($request)));
        } catch (\JsonException $broken) {
            throw PlanProblem::at('', 'What was sent is not whole, or lies deeper than a plan does ('.lcfirst($broken->getMessage()).').');
        }
    }

    /** @throws HttpException where it is larger than any plan file may be, whether or not it says so beforehand */
    public static function text(Request $request): string
    {
        $said = (int) $request->headers->get('Content-Length', '0');
        if ($said > PlanFiles::LARGEST) {
            throw new HttpException(413, PlanFiles::tooLarge($said));
        }
        $text = (string) stream_get_contents($request->getContent(true), PlanFiles::LARGEST + 1);
        if (\strlen($text) > PlanFiles::LARGEST) {
            throw new HttpException(413, PlanFiles::tooLarge(null));
        }

        return $text;
    }
}
