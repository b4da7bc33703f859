<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Showing\Repetition;
use FoxCorner\Core\Skill\SkillFamily;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The drills: searched, filtered, and each one with its drawing. */
final class DrillPages extends AbstractController
{
    public function __construct(private readonly DrillShelf $shelf, private readonly OwnDrillRepository $own) {}

    #[Route('/{team}/practice/drills', name: 'drills', methods: ['GET'], priority: 1)]
    public function list(Membership $membership, Request $request): Response
    {
        $wanted = DrillSearch::of($request->query);

        return $this->render('drills/list.html.twig', [
            'wanted' => $wanted,
            'drills' => array_filter($this->shelf->of($membership->team), $wanted->finds(...)),
            'all' => \count($this->shelf->of($membership->team)),
            'families' => SkillFamily::cases(),
            'positions' => Position::cases(),
            'away' => array_diff_key($this->shelf->ever($membership->team), $this->shelf->of($membership->team)),
        ]);
    }

    #[Route('/{team}/practice/drills/{drill}', name: 'drill', methods: ['GET'], priority: 1)]
    public function show(Membership $membership, string $drill): Response
    {
        $found = $this->shelf->ever($membership->team)[$drill] ?? throw $this->createNotFoundException();
        $rules = $membership->team->rules();
        $view = DrillView::of($found, $rules, Repetition::of($found, $rules, $membership->team->profile()));

        return $this->render('drills/show.html.twig', [
            'drill' => $found,
            'view' => $view,
            'drawing' => new FieldDrawing($rules, $view->window),
            'own' => $this->own->byKey($membership->team, $drill),
            'groups' => $this->groups($found),
        ]);
    }

    /** @return array<int, int> repetitions of one player in eight minutes, by the size of the group */
    private function groups(Drill $drill): array
    {
        $groups = [];
        for ($size = $drill->min; $size <= $drill->max; ++$size) {
            $groups[$size] = $drill->repetitions($size, 8);
        }

        return $groups;
    }
}
