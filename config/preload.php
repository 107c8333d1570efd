<?php

/* The program's classes, compiled and linked when its server begins instead of with every answer. */

declare(strict_types=1);

use App\Kernel;

$root = dirname(__DIR__);
require "$root/vendor/autoload.php";

$container = (new Kernel($_SERVER['APP_ENV'] ?? 'prod', false))->getCacheDir();
foreach (glob("$container/*.preload.php") ?: [] as $of) {
    require $of;
}
foreach (require "$root/vendor/composer/autoload_classmap.php" as $class => $file) {
    if ((str_starts_with($class, 'AmpleMargin\\') || str_starts_with($class, 'App\\')) && !class_exists($class, false)
        && !interface_exists($class, false) && !enum_exists($class, false) && !trait_exists($class, false)) {
        opcache_compile_file($file);
    }
}
