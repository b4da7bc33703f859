<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\SpotChoice;
use FoxCorner\App\Plan\SpotChoiceRepository;
use FoxCorner\Core\People\Position;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Keeps the spots that are being tried for the situation, or goes back to the rules. */
final class KeepSpots extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SpotChoiceRepository $choices,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/{team}/field/{situation}/spots', name: 'keep_spots', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function keep(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query);
        $plan = $this->plans->read($membership->team, $address->situation, $address->context, null, $address->moved)->plan;
        $known = $this->choices->in($membership->team, $address->situation);
        foreach ($address->moved as $number => $point) {
            $position = Position::ofNumber($number);
            $depth = $plan->alignment->spot($position)->depth;
            if (isset($known[$number])) {
                $known[$number]->decide($depth, $point, $membership->account, $this->clock->now());
            } else {
                $this->entities->persist(new SpotChoice($membership->team, $address->situation, $position, $depth, $point, $membership->account, $this->clock->now()));
            }
        }
        $this->entities->flush();
        $this->addFlash('done', \sprintf('Kept for %s.', lcfirst($address->situation->label())));

        return $this->back($membership, $address);
    }

    #[Route('/{team}/field/{situation}/spots/rule', name: 'drop_spots', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function drop(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query);
        foreach ($this->choices->in($membership->team, $address->situation) as $choice) {
            $this->entities->remove($choice);
        }
        $this->entities->flush();
        $this->addFlash('done', 'Everybody stands where the rules say again.');

        return $this->back($membership, $address);
    }

    private function back(Membership $membership, SituationAddress $address): Response
    {
        return $this->redirectToRoute('field', ['team' => $membership->team->id(), ...$address->with(['moved' => null])], Response::HTTP_SEE_OTHER);
    }
}
