<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Access\Secret;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Address\OwnPath;
use FoxCorner\App\Shared\PublicAddress;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** Links that are read without an account: made, shown again with a square for phones, taken back. */
final class SharePage extends AbstractController
{
    /** Days that a link can last. */
    public const DAYS = [1, 7, 30, 120];
    /** Open links of a team. */
    private const MOST = 60;

    public function __construct(
        private readonly SharedThings $things,
        private readonly PublicAddress $addresses,
        private readonly QrCode $squares,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/shared', name: 'shared', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $typed = ['kind' => $request->query->getString('kind'), 'of' => $request->query->getString('of')];

        return $this->page($membership, $typed, null);
    }

    #[Route('/{team}/shared', name: 'share', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function share(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $typed = [
            'kind' => $request->request->getString('kind'),
            'of' => $request->request->getString('of'),
            'days' => $request->request->getString('days'),
            'names' => $request->request->getString('names'),
        ];
        try {
            $link = $this->link($membership, $typed);
        } catch (Problem $problem) {
            return $this->page($membership, $typed, $problem);
        }
        $this->entities->persist($link);
        $this->entities->flush();
        $back = $request->request->get('back');
        if (OwnPath::is($back)) {
            $this->addFlash('shared', $link->of);

            return $this->redirect($back, Response::HTTP_SEE_OTHER);
        }
        $this->addFlash('done', 'The link is made; it stands first in the list.');

        return $this->redirectToRoute('shared', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{team}/shared/{link}/revoke', name: 'revoke_shared', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function revoke(Membership $membership, string $link): Response
    {
        $membership->mustBeAbleToChange();
        $found = Uuid::isValid($link)
            ? $this->entities
                ->getRepository(SharedLink::class)
                ->findOneBy(['team' => $membership->team, 'id' => Uuid::fromString($link)])
            : null;
        $found ?? throw $this->createNotFoundException();
        $found->revoke($this->clock->now());
        $this->entities->flush();
        $this->addFlash('done', 'The link is taken back; it opens nothing any more.');

        return $this->redirectToRoute('shared', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string> $typed
     *
     * @throws Problem naming the field
     */
    private function link(Membership $membership, array $typed): SharedLink
    {
        $kind = Unknown::oneOf(SharedKind::class, $typed['kind'], 'kind');
        if (!isset($this->things->of($membership->team, $kind)[$typed['of']])) {
            throw Refused::because('what', 'nothing of the team is meant', 'one of the list');
        }
        if (!\in_array((int) $typed['days'], self::DAYS, true)) {
            throw Unknown::notOneOf('days', $typed['days'], array_map(strval(...), self::DAYS));
        }
        if (\count($this->things->links($membership->team)) >= self::MOST) {
            throw Refused::because('links', self::MOST . ' are open', 'taking one back first');
        }

        return new SharedLink(
            $membership->team,
            $kind,
            $typed['of'],
            '' !== $typed['names'],
            Secret::make()->word,
            $membership->account,
            $this->clock->now()->modify("+{$typed['days']} days"),
        );
    }

    /** @param array<string, string> $typed */
    private function page(Membership $membership, array $typed, ?Problem $problem): Response
    {
        $kind = SharedKind::tryFrom($typed['kind']) ?? SharedKind::Situation;
        $names = [];
        foreach (SharedKind::cases() as $one) {
            $names[$one->value] = $this->things->of($membership->team, $one);
        }

        return $this->render(
            'sharing/show.html.twig',
            [
                'kinds' => SharedKind::cases(),
                'kind' => $kind,
                'things' => $names[$kind->value],
                'names' => $names,
                'typed' => $typed,
                'days' => self::DAYS,
                'problem' => $problem,
                'links' => array_map(
                    fn(SharedLink $link): array => [
                        'link' => $link,
                        'address' => ($address = $this->addresses->of('read_shared', ['secret' => $link->secret])),
                        'square' => $this->squares->of($address),
                    ],
                    $this->things->links($membership->team),
                ),
            ],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
