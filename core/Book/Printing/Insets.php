<?php

/* What the pages of a book have of a size of its own, with the title of its spread. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Inset;

/** @internal to Printing */
final class Insets
{
    /**
     * @param list<string> $what
     *
     * @return list<array{string, Inset}>
     */
    public static function of(Context $context, array $what): array
    {
        $found = [];
        for ($page = 1; $page <= $context->book->plan->stock->pages; ++$page) {
            foreach ($context->book->drawing($page)->insets ?? [] as $inset) {
                if (\in_array($inset->what, $what, true)) {
                    $found[] = [$context->book->slot($page)->title, $inset];
                }
            }
        }

        return $found;
    }
}
