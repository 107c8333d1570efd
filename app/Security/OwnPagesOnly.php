<?php

/*
 * State is changed only from the program's own pages: another site open in the same browser cannot. Nothing
 * it sends runs code from elsewhere, and nothing asks another machine.
 */

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

final class OwnPagesOnly
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** @throws AccessDeniedHttpException */
    #[AsEventListener(priority: 100)]
    public function refuse(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe() || $this->isOwn($request)) {
            return;
        }
        throw new AccessDeniedHttpException('Only the pages of this program may change notebooks.');
    }

    #[AsEventListener]
    public function guard(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'no-referrer');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        if (!$headers->has('Cache-Control') || true === $headers->getCacheControlDirective('private')) {
            $headers->set('Cache-Control', 'no-store');
        }
    }

    /** A browser names the origin of every call that is not a plain read; a call without one is not from a page. */
    private function isOwn(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        if (null !== $origin) {
            return $origin === $request->getSchemeAndHttpHost();
        }

        return \in_array($request->headers->get('Sec-Fetch-Site'), ['same-origin', 'none'], true);
    }
}
