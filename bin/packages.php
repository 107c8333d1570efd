<?php

/*
 * The PHP packages this was last built with, by name and exact version and without an address, in versions.txt: what is installed next
 * year is what is installed today, as far as a registry still carries it, and what differs is said. (npm's own lock does the same for the
 * front end.)
 *
 *   php bin/packages.php install   what composer.json asks for, in these versions; "install run" leaves out what only tests need
 *   php bin/packages.php differ    prints what is installed otherwise
 *   php bin/packages.php write     writes down what is installed
 */

declare(strict_types=1);

chdir(dirname(__DIR__));

exit(match ($argv[1] ?? '') {
    'install' => install('run' !== ($argv[2] ?? 'all')),
    'differ' => differ('run' !== ($argv[2] ?? 'all')),
    'write' => write(),
    default => usage(),
});

function usage(): int
{
    fwrite(\STDERR, "php bin/packages.php install|differ [run|all], php bin/packages.php write\n");

    return 2;
}

/** @return array<string, string> package → version */
function known(): array
{
    $known = [];
    foreach (file('versions.txt', \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        if (!str_starts_with($line, '#')) {
            [$name, $version] = explode(' ', $line);
            $known[$name] = $version;
        }
    }

    return $known;
}

/** @return array<string, string> */
function installed(): array
{
    $installed = [];
    foreach (json('vendor/composer/installed.json')['packages'] ?? [] as $package) {
        $installed[$package['name']] = $package['version'];
    }
    ksort($installed);

    return $installed;
}

function json(string $file): array
{
    return is_file($file) ? json_decode((string) file_get_contents($file), true) ?? [] : [];
}

/** All of them; where some are not carried, without those, and in the end whatever composer.json allows. */
function install(bool $all): int
{
    $pins = known();
    while (true) {
        $with = array_map(static fn (string $name, string $version): string => escapeshellarg("$name:$version"), array_keys($pins), $pins);
        $command = 'composer update --no-interaction --no-progress --no-ansi '.($all ? '' : '--no-dev ').implode(' ', array_map(static fn (string $one): string => "--with $one", $with));
        $said = [];
        exec("$command 2>&1", $said, $code);
        file_put_contents('var/composer.log', implode("\n", $said)."\n", \FILE_APPEND);
        if (0 === $code || [] === $pins) {
            return $code;
        }
        // What Composer names in its reasons is let go; where it names none of them, all are.
        $reasons = implode("\n", $said);
        $named = array_filter(array_keys($pins), static fn (string $name): bool => 1 === preg_match('~(?<![\w/-])'.preg_quote($name, '~').'(?![\w/-])~', $reasons));
        $pins = [] === $named ? [] : array_diff_key($pins, array_flip($named));
    }
}

function differ(bool $all): int
{
    [$known, $installed] = [known(), installed()];
    $other = [];
    foreach ($all ? $known + $installed : $installed as $name => $version) {
        if (($known[$name] ?? null) !== ($installed[$name] ?? null)) {
            $other[] = "$name ".($installed[$name] ?? 'not at all').(isset($known[$name]) ? ", not {$known[$name]}" : ', new');
        }
    }
    // The lock of npm holds the versions; packages for other systems are not installed, and need not be.
    $here = json('node_modules/.package-lock.json')['packages'] ?? [];
    foreach (json('package-lock.json')['packages'] ?? [] as $path => $package) {
        $version = $here[$path]['version'] ?? null;
        if ('' !== $path && [] !== $here && $version !== $package['version'] && !($package['optional'] ?? false)
            && ($all || !($package['dev'] ?? false))) {
            $other[] = substr($path, strlen('node_modules/')).' '.($version ?? 'not at all').", not {$package['version']}";
        }
    }
    if ([] !== $other) {
        echo 'Not carried in the versions this was last built with, so these are others: ', implode('; ', $other), ".\n";
    }

    return 0;
}

function write(): int
{
    $lines = array_map(static fn (string $name, string $version): string => "$name $version", array_keys(installed()), installed());
    file_put_contents('versions.txt', "# PHP packages this was last built with: php bin/packages.php write\n".implode("\n", $lines)."\n");

    return 0;
}
