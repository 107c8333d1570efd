<?php

/* What the core refuses, with words for the person who asked: every error of the core that is not a mistake of the program. */

declare(strict_types=1);

namespace AmpleMargin;

interface Refused extends \Throwable
{
}
