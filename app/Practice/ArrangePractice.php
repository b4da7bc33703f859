<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Setup\PracticeSetup;
use FoxCorner\App\Practice\Setup\SetupCodec;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetChoice;
use FoxCorner\Core\InvalidValue;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Contracts\Cache\CacheInterface;

/** The coach's hand on a solved practice: stations added, taken out, moved, groups locked; solved again after each. */
final class ArrangePractice extends AbstractController
{
    /** How often "search longer" tries. */
    private const TRIES = 10;
    /** ft; further is off every field. */
    private const FARTHEST = 600.0;

    public function __construct(
        private readonly PracticeSolver $solver,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly RunRepository $runs,
        private readonly EntityManagerInterface $entities,
        private readonly CacheInterface $cache,
    ) {
    }

    #[Route('/{team}/practice/{practice}/arrange', name: 'arrange_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function arrange(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        try {
            if ($request->request->getInt('version') !== $practice->version()) {
                throw InvalidValue::because('practice', 'somebody else has changed it since this page was opened', 'look at what is here now and do it again');
            }
            $this->keep($practice, $this->wanted($request->request, $practice));
        } catch (InvalidValue $problem) {
            $this->addFlash('problem', $problem->sentence());
        }

        return $this->redirectToRoute('practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
    }

    /** One more try from another beginning; what is better is kept. The page asks for the next by itself until somebody stops it. */
    #[Route('/{team}/practice/{practice}/search', name: 'search_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function search(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $try = max(1, $request->request->getInt('try'));
        $request->getSession()->save();
        $setup = $this->setups->read($practice);
        $before = $this->codec->read($practice);
        $began = '' === $request->request->getString('began') ? $before->objective : (float) $request->request->getString('began');
        try {
            $other = $setup->withSeed($setup->seed + $try);
            $sheet = $this->solved($practice, $other, $before);
            if ($sheet->objective > $before->objective) {
                $practice->arrange($this->setups->write($setup), $this->codec->write($sheet));
                $this->entities->flush();
            }
        } catch (InvalidValue $problem) {
            return new Response(ucfirst($problem->wrong).'.', Response::HTTP_UNPROCESSABLE_ENTITY);
        }

        return $this->render('practice/search.html.twig', ['practice' => $practice, 'try' => $try, 'tries' => self::TRIES, 'began' => $began, 'best' => max($sheet->objective, $before->objective)]);
    }

    #[Route('/{team}/practice/{practice}/ways', name: 'ways_out', methods: ['GET'])]
    public function ways(Membership $membership, Practice $practice, Request $request): Response
    {
        // It takes seconds: whatever else the coach does meanwhile must not wait for this page's session.
        $request->getSession()->save();
        try {
            // The same practice has the same ways out, whoever looks at it.
            $ways = $this->cache->get('ways-'.hash('xxh128', $practice->setup().$practice->sheet()), fn(): array => $this->solver->waysOut(PracticeOrder::of($practice, $this->setups->read($practice))));
        } catch (InvalidValue) {
            $ways = [];
        }

        return $this->render('practice/ways.html.twig', ['ways' => \array_slice($ways, 0, 4, true)]);
    }

    /**
     * @param InputBag<string> $said
     *
     * @throws InvalidValue
     */
    private function wanted(InputBag $said, Practice $practice): PracticeSetup
    {
        $setup = $this->setups->read($practice);
        $stations = $setup->stations ?? array_map(static fn(SheetChoice $choice): string => $choice->drill, $this->codec->read($practice)->choices);

        return match (true) {
            $said->has('lock') => $setup->withLockTurned($said->getString('lock')),
            $said->has('add') => $setup->withStations([...$stations, $said->getString('add')]),
            $said->has('drop') => $setup->withStations(array_values(array_diff($stations, [$said->getString('drop')]))),
            $said->has('move') => $setup->withStations($stations)->withShift($said->getString('move'), self::feet($said, 'x'), self::feet($said, 'y')),
            $said->has('choose') => $setup->choosingAgain(),
            $said->has('another') => $setup->withSeed($setup->seed + 1),
            default => $setup,
        };
    }

    /** @throws InvalidValue when the practice runs already, or cannot be solved like that */
    private function keep(Practice $practice, PracticeSetup $setup): void
    {
        $before = $this->codec->read($practice);
        if (true === $this->runs->of($practice)?->clock()->isStarted()) {
            throw InvalidValue::because('practice', 'it has begun', 'changes on the page of the run: who is late, who leaves, next, skip');
        }
        // A lock says what stays; nothing is solved for that.
        $sheet = $setup->locks !== $this->setups->read($practice)->locks ? $before : $this->solved($practice, $setup, $before);
        $practice->arrange($this->setups->write($setup), $this->codec->write($sheet));
        $this->entities->flush();
    }

    private function solved(Practice $practice, PracticeSetup $setup, Sheet $before): Sheet
    {
        return $this->solver->solve(PracticeOrder::of($practice, $setup)->keeping(LockedTurns::of($before, $setup->locks)));
    }

    /** @param InputBag<string> $said */
    private static function feet(InputBag $said, string $name): float
    {
        $typed = $said->getString($name);
        if (!is_numeric($typed)) {
            throw InvalidValue::because($name, "“{$typed}” is no number", 'feet');
        }

        return InvalidValue::unlessBetween($name, (float) $typed, -self::FARTHEST, self::FARTHEST, 'feet from where the station belongs');
    }
}
