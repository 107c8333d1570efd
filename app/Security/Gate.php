<?php

/*
 * Who is answered where the program is reached from other machines (bin/demo --share, or behind a web server): this machine, and
 * devices that were paired. Everybody else is shown the page that pairs, whatever they ask for, before anything else is looked at.
 */

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

final class Gate
{
    public const COOKIE = 'ample-margin-device';

    private const ADDRESS = '/pair';

    /** Bytes of what is typed that are read: a code and a name. */
    private const LONGEST = 2_000;

    /** Seconds a cookie is kept: a year. */
    private const YEAR = 31_536_000;

    /** @param string $hosts what the program may be called by, as a regular expression */
    public function __construct(private readonly bool $isShared, private readonly string $hosts, private readonly Devices $devices)
    {
    }

    public static function here(): self
    {
        $set = static fn (string $name): string => \is_string($_SERVER[$name] ?? null) ? $_SERVER[$name] : (string) getenv($name);
        $hosts = $set('AMPLE_HOSTS');

        return new self('1' === $set('AMPLE_SHARE'), '' === $hosts ? '^(localhost|127\.0\.0\.1|\[::1\])$' : $hosts, Devices::here());
    }

    /** Whether somebody sits at the machine the program runs on. */
    public static function isThisMachine(Request $request): bool
    {
        return \in_array(self::peer($request), ['127.0.0.1', '::1', '::ffff:127.0.0.1'], true)
            && 1 === preg_match('/^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/D', (string) $request->headers->get('Host'));
    }

    /**
     * Whose connection it is. Where something stands in front (bin/front.mjs) every connection is its own: it says whose it is, with a secret
     * that nobody else knows. Who comes past it is nobody.
     */
    private static function peer(Request $request): string
    {
        $secret = $_SERVER['AMPLE_FRONT'] ?? getenv('AMPLE_FRONT');
        $address = $request->server->get('REMOTE_ADDR');
        if (!\is_string($secret) || '' === $secret) {
            return \is_string($address) ? $address : '';
        }

        return hash_equals($secret, (string) $request->headers->get('Ample-Front')) ? (string) $request->headers->get('Ample-Peer') : '';
    }

    public function isShared(): bool
    {
        return $this->isShared;
    }

    /** Null for those who may go on. */
    public function answer(Request $request): ?Response
    {
        if (!$this->isShared || self::isThisMachine($request)) {
            return null;
        }
        $host = (string) $request->headers->get('Host');
        $name = 1 === preg_match('/^([a-z0-9.-]+|\[[0-9a-f:]+\])(:\d{1,5})?$/Di', $host, $found) ? $found[1] : '';
        if ('' === $name || 1 !== preg_match('{'.$this->hosts.'}i', $name)) {
            return $this->said(PairingPage::html('This program is not called by that name.', false), Response::HTTP_MISDIRECTED_REQUEST);
        }
        $path = $request->getPathInfo();
        $secret = $request->cookies->all()[self::COOKIE] ?? '';
        if (\is_string($secret) && '' !== $secret && null !== $this->devices->known($secret)) {
            return self::ADDRESS === $path && $request->isMethodSafe() ? new RedirectResponse('/') : null;
        }
        if (self::ADDRESS !== $path || 'POST' !== $request->getMethod()) {
            return $this->said(PairingPage::html(), Response::HTTP_UNAUTHORIZED);
        }

        return $this->pair($request);
    }

    private function pair(Request $request): Response
    {
        // A form of this page says where it comes from; another site cannot pretend to.
        if ($request->headers->get('Origin') !== $request->getScheme().'://'.$request->headers->get('Host')
            || (int) $request->headers->get('Content-Length', '0') > self::LONGEST) {
            return $this->said(PairingPage::html('Type the code on this page.'), Response::HTTP_FORBIDDEN);
        }
        $typed = $request->request->all();
        $code = \is_string($typed['code'] ?? null) ? $typed['code'] : '';
        $secret = $this->devices->pair($code, \is_string($typed['name'] ?? null) ? $typed['name'] : '');
        if (null === $secret) {
            return $this->said(
                PairingPage::html('This code is wrong, too old or was tried too often. Take a new one on the shelf.'),
                Response::HTTP_FORBIDDEN,
            );
        }
        $in = $this->said(PairingPage::html('This device is paired.'), Response::HTTP_SEE_OTHER);
        $in->headers->set('Location', '/');
        $in->headers->setCookie(Cookie::create(
            self::COOKIE,
            $secret,
            time() + self::YEAR,
            '/',
            null,
            $request->isSecure(),
            true,
            false,
            Cookie::SAMESITE_STRICT,
        ));

        return $in;
    }

    private function said(string $page, int $status): Response
    {
        $response = OwnPagesOnly::guarded(
            new Response($page, $status, ['Content-Type' => 'text/html; charset=UTF-8', 'Cache-Control' => 'no-store']),
        );
        $response->headers->set('Content-Security-Policy', PairingPage::policy());
        // Without one a browser says nothing of where a form comes from.
        $response->headers->set('Referrer-Policy', 'same-origin');

        return $response;
    }
}
