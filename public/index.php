<?php

declare(strict_types=1);

use App\Kernel;
use App\Security\Gate;
use App\Security\PublicFile;
use Symfony\Component\HttpFoundation\Request;

require \dirname(__DIR__).'/vendor/autoload.php';

header_remove('X-Powered-By');
// What a request is, its own method says; Symfony would believe this header even where overriding is switched off.
unset($_SERVER['HTTP_X_HTTP_METHOD_OVERRIDE']);
$request = Request::createFromGlobals();

// Who is not paired sees one page, and nothing else is looked at.
if (Gate::here()->answer($request)?->prepare($request)->send()) {
    return;
}

// PHP's own server asks here for every address, nginx only for those that are no files.
if ('cli-server' === \PHP_SAPI && PublicFile::at(__DIR__, $request)?->send()) {
    return;
}

$kernel = new Kernel($_SERVER['APP_ENV'] ?? 'prod', (bool) ($_SERVER['APP_DEBUG'] ?? false));
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
