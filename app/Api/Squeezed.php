<?php

/* Answers that are long are squeezed for whoever can unpack them: a book is a fifth as long then, which a phone on the local network notices. */

declare(strict_types=1);

namespace App\Api;

use App\Security\PublicFile;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

final class Squeezed
{
    /** Bytes below which unpacking takes longer than is won. */
    private const LEAST = 1_400;

    /** What is words. */
    private const TYPES = ['application/json', 'application/problem+json', 'image/svg+xml'];

    /** After everybody who looks at an answer. */
    #[AsEventListener(priority: -100)]
    public function __invoke(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $content = \in_array($response->headers->get('Content-Type'), self::TYPES, true) ? (string) $response->getContent() : '';
        if (!$event->isMainRequest() || \strlen($content) < self::LEAST || $response->headers->has('Content-Encoding')) {
            return;
        }
        $response->setVary('Accept-Encoding', false);
        if (PublicFile::isUnpacked($event->getRequest())) {
            $response->setContent((string) gzencode($content, 1));
            $response->headers->set('Content-Encoding', 'gzip');
            $response->headers->remove('Content-Length');
        }
    }
}
