<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lan\LanFolder;
use Pindle\App\Platform\Lock\Device;
use Pindle\App\Platform\Lock\Lock;
use Pindle\App\Platform\Lock\SlowDown;
use Pindle\App\Platform\Lock\TokenCookie;
use Pindle\App\Platform\Lock\Who;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** The lock: signing a device in and out, and which ones are. */
#[Route('/api/lock')]
#[OA\Tag('House')]
final readonly class LockController
{
    public function __construct(
        private Lock $lock,
        private SlowDown $slow,
        private Security $security,
        private LanFolder $lan,
        private bool $demo,
    ) {
    }

    #[Route('', name: 'lock_look', methods: ['GET'], defaults: Who::PUBLIC)]
    #[OA\Response(response: 200, description: 'Whether there is a lock', content: new OA\JsonContent(ref: new Model(type: LockView::class)))]
    public function look(): JsonResponse
    {
        $who = $this->device()?->who;

        return new JsonResponse(new LockView($this->lock->isSet(), Who::Public === $who ? null : $who?->value, $this->demo));
    }

    #[Route('/sign-in', name: 'lock_sign_in', methods: ['POST'], defaults: Who::PUBLIC)]
    #[OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: new Model(type: LockView::class)))]
    public function signIn(Request $request, #[MapRequestPayload] SignInInput $input): JsonResponse
    {
        if (!$this->lock->isSet()) {
            throw Refusal::conflict('passphrase', 'There is no passphrase yet. Set one on the machine itself: ./pindle passphrase');
        }
        $this->slow->beforeGuess((string) $request->getClientIp());
        $now = time();
        $who = match (true) {
            null !== $input->passphrase => $this->lock->opens($input->passphrase) ? Who::Parent : throw Refusal::invalid(
                'passphrase',
                'That is not the passphrase.',
            ),
            null !== $input->code => $this->lock->takeCode($input->code, $now) ? Who::Table : throw Refusal::invalid(
                'code',
                'That is not the code, or its ten minutes are over. Ask for a new one in the House room.',
            ),
            default => throw Refusal::invalid('passphrase', 'Say the passphrase, or the code.'),
        };
        $answer = new JsonResponse(new LockView(true, $who->value, $this->demo));
        $answer->headers->setCookie(TokenCookie::make($request, $this->lock->signIn(trim($input->name), $who, $now), $now));

        return $answer;
    }

    #[Route('/sign-out', name: 'lock_sign_out', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 204, description: 'This device is signed out')]
    public function signOut(Request $request): Response
    {
        $this->lock->signOut($this->device()->id ?? '');
        $answer = new JsonResponse(null, 204);
        $answer->headers->setCookie(TokenCookie::gone($request));
        $answer->headers->set('Clear-Site-Data', '"cache"');

        return $answer;
    }

    #[Route('/devices', name: 'lock_devices', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The devices that are signed in', content: new OA\JsonContent(ref: new Model(type: DevicesView::class)))]
    public function devices(): JsonResponse
    {
        $mine = $this->device()?->id;

        return new JsonResponse(new DevicesView(
            $this->lock->isSet(),
            array_values(array_map(
                static fn (Device $one): DeviceView => new DeviceView($one->id, $one->name, $one->who->value, $one->used, $one->id === $mine),
                $this->lock->devices(),
            )),
            $this->lan->addresses(),
            $this->lan->fingerprint(),
        ));
    }

    #[Route('/devices/{id}', name: 'lock_sign_other_out', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'The devices left', content: new OA\JsonContent(ref: new Model(type: DevicesView::class)))]
    public function signOtherOut(string $id): JsonResponse
    {
        return $this->lock->signOut($id) ? $this->devices() : throw Refusal::notFound('id', 'There is no such device.');
    }

    #[Route('/code', name: 'lock_code', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'A code for the next device', content: new OA\JsonContent(ref: new Model(type: CodeView::class)))]
    public function code(): JsonResponse
    {
        if (!$this->lock->isSet()) {
            throw Refusal::conflict('code', 'There is no passphrase yet. Set one on the machine itself: ./pindle passphrase');
        }

        return new JsonResponse(new CodeView($this->lock->newCode(time()), intdiv(Lock::CODE_SECONDS, 60)), 201);
    }

    #[Route('/root', name: 'lock_root', methods: ['GET'], defaults: Who::PUBLIC)]
    #[OA\Response(response: 200, description: 'The root certificate of this house', content: new OA\MediaType(mediaType: 'application/x-x509-ca-cert'))]
    public function root(): Response
    {
        $root = $this->lan->root() ?? throw Refusal::notFound('', 'This house is not on the network.');

        return new Response($root, 200, ['Content-Type' => 'application/x-x509-ca-cert', 'Content-Disposition' => 'attachment; filename="pindle-root.crt"']);
    }

    private function device(): ?Device
    {
        $user = $this->security->getUser();

        return $user instanceof Device ? $user : null;
    }
}
