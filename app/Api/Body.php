<?php

/* The JSON a call sends, read with the place of whatever is wrong in it. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use App\Plan\PlanFiles;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

final class Body
{
    /** @throws PlanProblem|HttpException */
    public static function values(Request $request): Values
    {
        return Values::of(json_decode(self::text($request), true, 64));
    }

    /** @throws HttpException where it is larger than any plan file may be */
    public static function text(Request $request): string
    {
        if ((int) $request->headers->get('Content-Length', '0') > PlanFiles::LARGEST) {
            throw new HttpException(413, \sprintf('This file has %.1f MB; a plan file has 5 MB at most.', (int) $request->headers->get('Content-Length') / 1_000_000));
        }

        return $request->getContent();
    }
}
