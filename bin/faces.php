<?php

/* Makes the print face of East Asian letters from the font that npm brings, in the form the PDF library reads. */

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

$from = dirname(__DIR__).'/node_modules/@expo-google-fonts/noto-sans-jp/400Regular/NotoSansJP_400Regular.ttf';
$to = dirname(__DIR__).'/var/fonts/';
is_dir($to) || mkdir($to, 0o777, true);
exit(false === TCPDF_FONTS::addTTFfont($from, 'TrueTypeUnicode', '', 32, $to) ? 1 : 0);
