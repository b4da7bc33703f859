<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\PlanChoice;
use FoxCorner\App\Plan\PlanReader;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Makes a coverage the team's in a situation, unless another coach has decided since the page was opened. */
final class ChooseCoverage extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly EntityManagerInterface $entities, private readonly ClockInterface $clock)
    {
    }

    #[Route('/{team}/field/{situation}/coverage', name: 'choose_coverage', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function choose(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query);
        $wanted = $request->request->getString('coverage');
        $read = $this->plans->read($membership->team, $address->situation, $address->context, $wanted);
        if (($read->choice?->version() ?? 0) !== $request->request->getInt('seen')) {
            $this->decidedMeanwhile($read->choice?->decidedBy());
        } elseif (null === $read->choice) {
            $this->entities->persist(new PlanChoice($membership->team, $address->situation, $wanted, $membership->account, $this->clock->now()));
        } else {
            $read->choice->decide($wanted, $membership->account, $this->clock->now());
        }
        try {
            $this->entities->flush();
        } catch (OptimisticLockException|UniqueConstraintViolationException) {
            $this->decidedMeanwhile(null);
        }

        return $this->redirectToRoute('field', ['team' => $membership->team->id(), ...$address->with(['coverage' => null])], Response::HTTP_SEE_OTHER);
    }

    private function decidedMeanwhile(?string $by): void
    {
        $this->addFlash('problem', \sprintf('%s has decided in the meantime. Look at the plan again before you change it: nothing was overwritten.', $by ?? 'Somebody'));
    }
}
