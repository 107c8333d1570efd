<?php

/* The first use of a day leaves a copy of what was there. Heard after every answer, so it needs nothing but the copies. */

declare(strict_types=1);

namespace App\Repository;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

#[AsEventListener]
final class CopyOfTheDay
{
    public function __construct(private readonly DailyCopies $copies)
    {
    }

    public function __invoke(TerminateEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/notebooks')) {
            return;
        }
        try {
            $this->copies->today(new \DateTimeImmutable());
        } catch (CopyRefused) {
            // No room for a copy is no reason not to work; the next request tries again.
        }
    }
}
