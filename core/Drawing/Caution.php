<?php

/* What is said where somebody takes a knife in hand; one wording, wherever that is. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Caution
{
    public const KNIFE = 'on a mat along a steel ruler, in light passes, fingers behind the blade’s path';

    /** On a sheet that is cut up. */
    public const CUT = 'Cut with scissors, or with a knife '.self::KNIFE.'.';
}
