<?php

declare(strict_types=1);

use App\Kernel;
use Symfony\Component\HttpFoundation\Request;

// PHP's own server asks here for every address; files that exist it sends itself.
if ('cli-server' === \PHP_SAPI && is_file(__DIR__.parse_url($_SERVER['REQUEST_URI'], \PHP_URL_PATH))) {
    return false;
}

require \dirname(__DIR__).'/vendor/autoload.php';

$kernel = new Kernel($_SERVER['APP_ENV'] ?? 'prod', (bool) ($_SERVER['APP_DEBUG'] ?? false));
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
