<?php

declare(strict_types=1);

namespace FoxCorner\App\Weather;

use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Makes the simulated weather service send a notice. */
final class SendNotice extends AbstractController
{
    #[Route('/{team}/weather', name: 'send_notice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function send(Membership $membership, Request $request, SimulatedWeather $weather): Response
    {
        $membership->mustBeAbleToChange();
        $notice = Notice::tryFrom($request->request->getString('notice'));
        if (null === $notice) {
            $this->addFlash(
                'problem',
                'The weather service knows no such notice. Allowed: ' .
                    implode(', ', array_column(Notice::cases(), 'value')) .
                    '.',
            );
        } else {
            $weather->send($membership->team, $notice);
        }

        return $this->redirectToRoute(
            'run_practice',
            ['team' => $membership->team->address(), 'practice' => $request->request->getString('practice')],
            Response::HTTP_SEE_OTHER,
        );
    }
}
