<?php

/* What is drawn of a page in one sitting: all of it, or the steps from one to another. */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class Stint
{
    /**
     * @param int  $from   the first of its steps, from 0
     * @param int  $to     the one after its last
     * @param int  $main   minutes of work before it dries
     * @param int  $finish minutes of work after that
     * @param int  $figures minutes of figures among them
     * @param bool $wet    whether it is wet when the first work is done
     * @param bool $craft  whether it wants knife, mat or glue
     */
    private function __construct(
        public readonly ToDraw $page,
        public readonly int $from,
        public readonly int $to,
        public readonly int $main,
        public readonly int $finish,
        public readonly int $figures,
        public readonly bool $wet,
        public readonly bool $craft,
    ) {
    }

    public static function of(ToDraw $page, int $from, int $to): self
    {
        [$main, $finish, $figures] = [0.0, 0.0, 0.0];
        $wet = $craft = $waited = false;
        for ($i = $from; $i < $to; ++$i) {
            $step = $page->steps[$i];
            // What is left to dry over night is dry when the rest is taken up.
            if ($step->wait && ($wet || $main > 0)) {
                $waited = true;
            }
            $waited ? $finish += $step->seconds : $main += $step->seconds;
            $figures += $step->figures;
            $wet = $wet || ($step->wet && !$waited);
            $craft = $craft || $step->craft;
        }

        return new self(
            $page,
            $from,
            $to,
            (int) ceil($main / 60 - 1e-9),
            (int) ceil($finish / 60 - 1e-9),
            (int) round($figures / 60),
            $wet,
            $craft,
        );
    }

    /** Of work. */
    public function minutes(): int
    {
        return $this->main + $this->finish;
    }

    /** Whether all that is left of the page after it is to let it dry, and to finish it. */
    public function isLeftToDry(): bool
    {
        return isset($this->page->steps[$this->to]) && $this->page->steps[$this->to]->wait;
    }

    /** Whether it was left to dry over night, and is finished now. */
    public function isOnlyFinished(): bool
    {
        return $this->from > 0 && $this->page->steps[$this->from]->wait;
    }

    public function isWhole(): bool
    {
        return 0 === $this->from && $this->to === \count($this->page->steps);
    }
}
