<?php

/* Something that does another thing with each kind of mark: a screen, a printer, a counter. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

/** @template-covariant T */
interface MarkVisitor
{
    /** @return T */
    public function line(Line $line): mixed;

    /** @return T */
    public function frame(Frame $frame): mixed;

    /** @return T */
    public function band(Band $band): mixed;

    /** @return T */
    public function ring(Ring $ring): mixed;

    /** @return T */
    public function words(Words $words): mixed;
}
