<?php

/* The one page a device sees that was not paired yet. It is whole by itself: no script, no file of the interface. */

declare(strict_types=1);

namespace App\Security;

final class PairingPage
{
    private const STYLE = <<<'CSS'
        :root{color-scheme:light dark}
        body{margin:0;min-height:100vh;display:grid;place-items:center}
        body{background:#EDEFE8;color:#22304A;font:1.15rem/1.5 system-ui,sans-serif}
        main{max-width:24rem;padding:1.5rem;border-left:2px solid #B5524A;margin:1rem}
        h1{font:600 1.6rem/1.2 Georgia,serif;margin:0 0 .6rem}
        label{display:block;margin:.9rem 0 .2rem}
        input{font:inherit;width:100%;box-sizing:border-box;padding:.6rem .7rem}
        input{border:1px solid #5A626E;border-radius:3px;background:#FFFEFA;color:inherit}
        input[name=code]{font-size:1.8rem;letter-spacing:.25em;text-transform:uppercase}
        button{font:inherit;font-weight:600;width:100%;margin-top:1.1rem;padding:.8rem;min-height:3rem}
        button{border:0;border-radius:3px;background:#22304A;color:#FFFEFA}
        [role=alert]{border-left:3px solid #9A6212;padding-left:.6rem}
        @media (prefers-color-scheme:dark){
        body{background:#1B2029;color:#E4E2D8} input{background:#262D38} button{background:#E4E2D8;color:#1B2029}
        }
        CSS;

    /** @param string $says what went wrong; "" for nothing */
    public static function html(string $says = '', bool $asks = true): string
    {
        $said = '' === $says ? '' : '<p role="alert">'.htmlspecialchars($says).'</p>';
        $form = $asks ? <<<'HTML'
            <p>Open the shelf on the computer the program runs on, and take a code under “Phone or tablet”.</p>
            <form method="post" action="/pair">
            <label for="code">The six letters</label>
            <input id="code" name="code" required minlength="6" maxlength="9" autocomplete="one-time-code" autocapitalize="characters"
            spellcheck="false" autofocus>
            <label for="name">What this device is called</label>
            <input id="name" name="name" maxlength="40" value="Phone" autocomplete="off">
            <button>Pair this device</button>
            </form>
            HTML : '';

        return '<!doctype html><html lang="en"><head><meta charset="utf-8">'
            .'<meta name="viewport" content="width=device-width,initial-scale=1">'
            .'<title>Pair this device · Ample Margin</title><style>'.self::STYLE.'</style></head>'
            ."<body><main><h1>Pair this device</h1>$said$form</main></body></html>\n";
    }

    public static function policy(): string
    {
        return "default-src 'none'; style-src 'sha256-".base64_encode(hash('sha256', self::STYLE, true))."'; form-action 'self'; "
            ."base-uri 'none'; frame-ancestors 'none'";
    }
}
