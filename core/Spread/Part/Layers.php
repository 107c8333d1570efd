<?php

/* The marks of a part, layer by layer, because a page is drawn in the order of work and not part after part. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Copies;
use AmpleMargin\Drawing\Canvas;

final class Layers
{
    use Copies;

    /**
     * @param \Closure(Canvas): void|null $pencil beside the ticks
     * @param \Closure(Canvas): void|null $band
     * @param \Closure(Canvas): void|null $ink
     * @param \Closure(Canvas): void|null $write
     * @param string|null                 $called in steps, where they are one of several parts of a page
     */
    public function __construct(
        public readonly ?\Closure $pencil = null,
        public readonly ?\Closure $band = null,
        public readonly ?\Closure $ink = null,
        public readonly ?\Closure $write = null,
        public readonly ?string $called = null,
    ) {
    }

    public function called(string $called): self
    {
        return $this->but(['called' => $called]);
    }

    /** @param \Closure(Canvas): void $write before what is written already */
    public function writingFirst(\Closure $write): self
    {
        $first = $this->but(['write' => $write]);

        return null === $this->write ? $first : $first->alsoWriting($this->write);
    }

    /** @param \Closure(Canvas): void $write after what is written already */
    public function alsoWriting(\Closure $write): self
    {
        $first = $this->write;
        $both = null === $first ? $write : static function (Canvas $canvas) use ($first, $write): void {
            $first($canvas);
            $write($canvas);
        };

        return $this->but(['write' => $both]);
    }
}
