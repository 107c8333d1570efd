<?php

/* A file of the built interface as PHP's own server sends it: with the same headers as every other answer. */

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\HttpFoundation\AcceptHeader;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

final class PublicFile
{
    private const TYPES = [
        'js' => 'text/javascript; charset=UTF-8',
        'css' => 'text/css; charset=UTF-8',
        'svg' => 'image/svg+xml',
        'html' => 'text/html; charset=UTF-8',
        'woff2' => 'font/woff2',
        'png' => 'image/png',
        'json' => 'application/json',
        'txt' => 'text/plain; charset=UTF-8',
        'webmanifest' => 'application/manifest+json',
    ];

    /** How what is built is squeezed beside itself, the smaller first: as an answer says it => by the end of the file's name. */
    private const SQUEEZED = ['br' => 'br', 'gzip' => 'gz'];

    /** Whether whoever asks unpacks what is squeezed so. */
    public static function isUnpacked(Request $request, string $way = 'gzip'): bool
    {
        return (AcceptHeader::fromString($request->headers->get('Accept-Encoding'))->get($way)?->getQuality() ?? 0) > 0;
    }

    /** Null where the address names no such file. The script itself is not one. */
    public static function at(string $public, Request $request): ?Response
    {
        $path = rawurldecode((string) parse_url($request->getRequestUri(), \PHP_URL_PATH));
        if ('/index.php' === $path) {
            return OwnPagesOnly::guarded(new RedirectResponse('/', Response::HTTP_MOVED_PERMANENTLY));
        }
        $file = str_contains($path, "\0") ? false : realpath($public.$path);
        $type = false === $file ? null : self::TYPES[pathinfo($file, \PATHINFO_EXTENSION)] ?? null;
        if (false === $file || null === $type || !is_file($file) || !str_starts_with($file, $public.'/') || !$request->isMethodSafe()) {
            return null;
        }
        $way = array_find(
            array_keys(self::SQUEEZED),
            static fn (string $way): bool => is_file("$file.".self::SQUEEZED[$way]) && self::isUnpacked($request, $way),
        );
        $sent = null === $way ? $file : "$file.".self::SQUEEZED[$way];
        $response = new BinaryFileResponse($sent, 200, ['Content-Type' => $type], true, null, true);
        $response->setVary('Accept-Encoding', false);
        if (null !== $way) {
            $response->headers->set('Content-Encoding', $way);
        }
        // The names of built files change with what is in them.
        $response->headers->set(
            'Cache-Control',
            str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache, public',
        );
        if ('/build/sw.js' === $path) {
            // It keeps pages of every address, not only those below its own.
            $response->headers->set('Service-Worker-Allowed', '/');
        }
        $response->isNotModified($request);

        return OwnPagesOnly::guarded($response->prepare($request));
    }
}
