<?php

/*
 * State is changed only from the program's own pages: another site open in the same browser cannot. Nothing
 * it sends runs code from elsewhere, and nothing asks another machine.
 */

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

final class OwnPagesOnly
{
    /** What every answer carries, files of the interface among them (docs/hosting.md has the same for nginx). */
    public const HEADERS = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
            ."connect-src 'self'; "
            ."manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'no-referrer',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

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
        $headers = self::guarded($event->getResponse())->headers;
        if (!$headers->has('Cache-Control') || true === $headers->getCacheControlDirective('private')) {
            $headers->set('Cache-Control', 'no-store');
        }
    }

    /** The same answer with what every answer carries. */
    public static function guarded(Response $response): Response
    {
        foreach (self::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
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
