<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Bunt;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Shared\TypedNumber;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Game\Intent;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** How the coach weighs the signs of a bunt, and how often he thinks the batter does what. */
final class SetPoints extends AbstractController
{
    public function __construct(private readonly SituationAddresses $addresses, private readonly PlanEdits $edits) {}

    #[
        Route(
            '/{team}/situations/{situation}/bunt/points',
            name: 'set_points',
            defaults: ['view' => 'bunt'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('change')]
    public function set(Membership $membership, Request $request): Response
    {
        $isOurs = $request->request->getBoolean('ours');

        return $this->change(
            $membership,
            $request,
            'plays',
            ['Signs of a bunt weighed', 'The signs are weighed as you say; the corners follow.'],
            static fn(BuntPoints $old): BuntPoints => $isOurs
                ? BuntPoints::ordinary()->withFactors($old->factors)
                : $old->withPoints(...self::read($request)),
        );
    }

    #[
        Route(
            '/{team}/situations/{situation}/bunt/mix',
            name: 'set_mix',
            defaults: ['view' => 'bunt'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('change')]
    public function mix(Membership $membership, Request $request): Response
    {
        $isOurs = $request->request->getBoolean('ours');

        return $this->change(
            $membership,
            $request,
            'coverages',
            ['What a batter does weighed', 'The costs follow what you say of the batters.'],
            static fn(BuntPoints $old): BuntPoints => $old->withFactors($isOurs ? [] : self::factors($request)),
        );
    }

    /**
     * @param string                           $back  the tab that it is done on
     * @param array{string, string}            $words what is done, and what is said of it
     * @param \Closure(BuntPoints): BuntPoints $to
     */
    private function change(
        Membership $membership,
        Request $request,
        string $back,
        array $words,
        \Closure $to,
    ): Response {
        $address = $this->addresses->read($membership->team, $request);
        try {
            $this->edits->tell(
                $membership,
                PlanEdit::of(
                    $words[0],
                    $request->request->getString('seen'),
                    static fn(PlanBook $book): mixed => self::points($book),
                    static fn(PlanBook $book): PlanBook => $book->withPlays(
                        BuntFamily::KEY,
                        $book->plays(BuntFamily::KEY)->withSettings($to(self::points($book))),
                    ),
                ),
                $words[1],
            );
        } catch (Problem $problem) {
            $this->edits->refuse($problem);
        }
        $to = ['team' => $membership->team->address(), ...$address->with([])];

        return $this->redirectToRoute($back, $to, Response::HTTP_SEE_OTHER);
    }

    private static function points(PlanBook $book): BuntPoints
    {
        return $book->plays(BuntFamily::KEY)->setting(BuntPoints::class);
    }

    /**
     * @return array<string, float> by the intent's value
     *
     * @throws Problem
     */
    private static function factors(Request $request): array
    {
        $factors = [];
        foreach (Intent::cases() as $intent) {
            $factors[$intent->value] = TypedNumber::read(
                $request->request->getString('times_' . $intent->value),
                $intent->label(),
                '0 to 9 times as often as we think',
            );
        }

        return $factors;
    }

    /**
     * @return array{array<string, int>, int} points by the sign's value, and the line
     *
     * @throws Problem
     */
    private static function read(Request $request): array
    {
        $points = [];
        foreach (BuntSign::cases() as $sign) {
            $points[$sign->value] = self::whole($sign->label(), $request->request->getString('sign_' . $sign->value));
        }

        return [$points, self::whole('likely from', $request->request->getString('likely_at'))];
    }

    /** @throws Problem */
    private static function whole(string $field, string $typed): int
    {
        if (1 === preg_match('/^-?\d{1,2}$/', trim($typed))) {
            return (int) $typed;
        }

        throw NoNumber::whole($field, 'whole points, -9 to 9', trim($typed));
    }
}
