<?php

/* What was worked out of each notebook's books, kept beside it: read before a book is composed, written with what was new. */

declare(strict_types=1);

namespace App\Repository;

use AmpleMargin\Book\Memory;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Doctrine\DBAL\ParameterType;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

final class Memories
{
    /** Bytes of one, packed; a book of 296 spreads has a tenth of it. What is larger is worked out anew each time. */
    private const LARGEST = 2_000_000;

    /** Everything in it is of the core: one that names anything else was not written by this program. */
    private const OF_THE_CORE = '/[OCE]:\d+:"(?!AmpleMargin\\\\)/';

    /** @var array<string, Memory> by notebook: asked for since, and not written down yet */
    private array $open = [];

    /** @param string $program names the code that works it out */
    public function __construct(private readonly Connection $database, #[Autowire('%program%')] private readonly string $program)
    {
    }

    public function of(string $notebook): Memory
    {
        return $this->open[$notebook] = $this->read($notebook);
    }

    private function read(string $notebook): Memory
    {
        $packed = $this->database->fetchOne(
            'SELECT packed FROM worked_out WHERE notebook_id = ? AND program = ?',
            [$notebook, $this->program],
        );
        $written = \is_string($packed) ? @gzuncompress($packed) : false;
        if (false === $written || 1 === preg_match(self::OF_THE_CORE, $written)) {
            return new Memory();
        }
        $known = @unserialize($written);

        /** @var array<string, mixed> $known */
        return new Memory(\is_array($known) ? $known : []);
    }

    /** What was worked out only to be looked at, once that has been answered. */
    #[AsEventListener]
    public function afterwards(TerminateEvent $event): void
    {
        $open = $this->open;
        $this->open = [];
        try {
            foreach ($open as $notebook => $memory) {
                $this->keep((string) $notebook, $memory);
            }
        } catch (DatabaseException) {
            // Somebody else is writing, or nothing can be written: it is worked out again next time.
        }
    }

    /** Kept where there is something new in it; in the transaction of the edit, where there is one. */
    public function keep(string $notebook, Memory $memory): void
    {
        unset($this->open[$notebook]);
        if (!$memory->hasMore()) {
            return;
        }
        $packed = (string) gzcompress(serialize($memory->all()), 1);
        if (\strlen($packed) <= self::LARGEST) {
            $this->database->executeStatement(
                'INSERT INTO worked_out (notebook_id, program, packed) SELECT id, ?, ? FROM notebook WHERE id = ? '
                    .'ON CONFLICT (notebook_id) DO UPDATE SET program = excluded.program, packed = excluded.packed',
                [$this->program, $packed, $notebook],
                [1 => ParameterType::LARGE_OBJECT],
            );
        }
    }
}
