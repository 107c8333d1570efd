<?php

declare(strict_types=1);

namespace App\Api;

final class NotFound extends \RuntimeException
{
}
