<?php

declare(strict_types=1);

namespace FoxCorner\App\Teams;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Club\Ending;
use FoxCorner\App\Club\Founding;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Demo\Demo;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The club: its teams, another one, and the end of a team or of all. */
final class ClubPage extends AbstractController
{
    public function __construct(
        private readonly MembershipRepository $memberships,
        private readonly Founding $founding,
        private readonly Ending $ending,
        private readonly House $house,
        private readonly Demo $demo,
        private readonly EntityManagerInterface $entities,
        private readonly Security $security,
    ) {}

    #[Route('/{team}/club', name: 'club', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        $membership->mustBe(May::People);

        return $this->page($membership, [], null);
    }

    #[Route('/{team}/club/team', name: 'add_team', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function add(Membership $membership, Request $request): Response
    {
        $membership->mustBe(May::People);
        $typed = [
            'name' => mb_substr(TypedText::unicode($request->request->getString('name')), 0, 100),
            'level' => $request->request->getString('level'),
        ];
        try {
            $name = WrongLength::unlessBetween('team', $typed['name'], 1, Team::LONGEST);
            $level = Unknown::oneOf(Level::class, $typed['level'], 'level');
        } catch (Problem $problem) {
            return $this->page($membership, $typed, $problem);
        }
        $team = $this->founding->add($membership->team->club, $name, $level, null, $membership->account);
        $this->entities->flush();

        return $this->redirectToRoute('today', ['team' => $team->address()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{team}/club/end-team', name: 'end_team', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function endTeam(Membership $membership, Request $request): Response
    {
        $membership->mustBe(May::People);
        try {
            self::mustBeTyped($membership->team->name, 'team', $request);
        } catch (Problem $problem) {
            return $this->page($membership, [], $problem);
        }
        $this->ending->team($membership->team);

        return $this->gone("The {$membership->team->name} are deleted.");
    }

    #[Route('/{team}/club/end', name: 'end_club', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function end(Membership $membership, Request $request): Response
    {
        $membership->mustBe(May::People);
        $club = $membership->team->club;
        try {
            self::mustBeTyped($club->name, 'club', $request);
            $this->mustLeadAll($membership);
        } catch (Problem $problem) {
            return $this->page($membership, [], $problem);
        }
        if ($club->demo) {
            $this->demo->remove();
            $this->security->logout(false);

            return $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
        }
        $this->ending->club($club);

        return $this->gone("$club->name is deleted.");
    }

    /** @throws Problem */
    private static function mustBeTyped(string $name, string $what, Request $request): void
    {
        if (trim($request->request->getString('typed')) !== $name) {
            throw Refused::because("name of the $what", 'it is not what was typed', "“{$name}”, letter by letter");
        }
    }

    /** @throws Problem */
    private function mustLeadAll(Membership $membership): void
    {
        foreach ($this->memberships->ledByOthers($membership) as $other) {
            throw Refused::because(
                'club',
                "the $other->name have another head coach",
                'deleting it when you lead all its teams',
            );
        }
    }

    private function gone(string $words): Response
    {
        $this->addFlash('done', $words);

        return $this->redirectToRoute('home', [], Response::HTTP_SEE_OTHER);
    }

    /** @return list<Team> */
    private function teams(Membership $membership): array
    {
        return $this->entities
            ->getRepository(Team::class)
            ->findBy(['club' => $membership->team->club], ['name' => 'ASC']);
    }

    /** @param array<string, string> $typed */
    private function page(Membership $membership, array $typed, ?Problem $problem): Response
    {
        return $this->render(
            'club/show.html.twig',
            [
                'teams' => $this->teams($membership),
                'levels' => Level::cases(),
                'typed' => $typed,
                'problem' => $problem,
                'canTakeAll' => [] === $this->memberships->ledByOthers($membership),
                'hasPostBox' => $membership->account->isDemo() && $this->house->isOpen(),
            ],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
