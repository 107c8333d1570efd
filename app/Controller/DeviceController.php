<?php

/* Paired devices: a code for a new one, who is paired, and one taken away. Only at the machine the program runs on. */

declare(strict_types=1);

namespace App\Controller;

use App\Api\NotFound;
use App\Security\Devices;
use App\Security\Gate;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/devices')]
final class DeviceController
{
    private readonly Gate $gate;

    private readonly Devices $devices;

    public function __construct()
    {
        [$this->gate, $this->devices] = [Gate::here(), Devices::here()];
    }

    #[Route('', methods: 'GET')]
    public function all(Request $request): JsonResponse
    {
        $isHere = Gate::isThisMachine($request);
        $addresses = \is_string($_SERVER['AMPLE_ADDRESSES'] ?? null) ? $_SERVER['AMPLE_ADDRESSES'] : (string) getenv('AMPLE_ADDRESSES');

        return new JsonResponse([
            'shared' => $this->gate->isShared(),
            'here' => $isHere,
            'addresses' => array_values(array_filter(explode(' ', $addresses), static fn (string $one): bool => '' !== $one)),
            'secure' => $request->isSecure(),
            'devices' => $isHere ? array_map(static fn (array $one): array => [
                'id' => $one['id'],
                'name' => $one['name'],
                'made' => gmdate('Y-m-d\TH:i:s\Z', $one['made']),
                'seen' => gmdate('Y-m-d\TH:i:s\Z', $one['seen']),
            ], $this->devices->all()) : [],
        ]);
    }

    #[Route('/code', methods: 'POST')]
    public function code(Request $request): JsonResponse
    {
        $this->atThisMachine($request);

        return new JsonResponse(['code' => $this->devices->code(), 'seconds' => Devices::GOOD_FOR, 'tries' => Devices::TRIES]);
    }

    #[Route('/{id}/remove', methods: 'POST', requirements: ['id' => '[0-9a-f]{16}'])]
    public function remove(string $id, Request $request): JsonResponse
    {
        $this->atThisMachine($request);
        if (!$this->devices->remove($id)) {
            throw new NotFound('This device is not paired any more.');
        }

        return $this->all($request);
    }

    private function atThisMachine(Request $request): void
    {
        if (!Gate::isThisMachine($request)) {
            throw new AccessDeniedHttpException('Devices are paired and taken away at the machine the program runs on.');
        }
    }
}
