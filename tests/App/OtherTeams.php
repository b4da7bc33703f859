<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\People\Invitation;
use FoxCorner\App\Practice\Drills\DrillDraft;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Drills\OwnDrill;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Sharing\SharedKind;
use FoxCorner\App\Sharing\SharedLink;
use FoxCorner\App\Team\Reading;
use FoxCorner\App\Undo\UndoStep;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use Symfony\Component\Uid\Uuid;

/** Another team's head coach, and a thing of each kind of that team. */
trait OtherTeams
{
    private function stranger(): Account
    {
        $known = $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => 'eve@elsewhere.example']);
        if (null === $known) {
            $known = new Account('eve@elsewhere.example', 'Eve');
            $this->entities()->persist($known);
            $this->entities()->flush();
        }

        return $known;
    }

    /** @return array<string, string> ids of something of each kind that the team has, by what routes call it */
    private function things(Team $team): array
    {
        $coach = $this->signIn();
        $this->browser->getCookieJar()->clear();
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $team]);
        self::assertNotNull($player);
        $new = [
            'job' => new SolveJob($team, $coach, SolveKind::Ways, '', '{}', self::now()),
            'step' => new UndoStep($team, 'Something', '[]', $coach, self::now()),
            'invitation' => new Invitation($team, Role::Assistant, null, null, $coach, 'x', self::now('+1 day')),
            'link' => new SharedLink($team, SharedKind::Situation, 'R1-0', false, 'y', $coach, self::now('+1 day')),
            'reading' => new Reading($player, Quantity::Arm, 50.0, $coach, self::now()),
            'drill' => new OwnDrill(
                $team,
                self::getContainer()
                    ->get(DrillShelf::class)
                    ->write(DrillDraft::copyOf(ShippedDrills::get('charge-and-throw'))),
            ),
        ];
        foreach ($new as $one) {
            $this->entities()->persist($one);
        }
        $this->entities()->flush();
        $own = $new['drill']->id()->toRfc4122();
        $known = ['player', 'practice', 'opponent', 'booking', 'membership'];
        $ids = array_map(fn(string $table): string => $this->idIn($table, $team), array_combine($known, $known));

        return [
            'job' => $new['job']->id()->toRfc4122(),
            'step' => $new['step']->id()->toRfc4122(),
            'invitation' => $new['invitation']->id()->toRfc4122(),
            'link' => $new['link']->id()->toRfc4122(),
            'reading' => $new['reading']->id()->toRfc4122(),
            ...$ids,
            'drill' => "own-$own",
            'member' => $ids['membership'],
        ];
    }

    private function idIn(string $table, Team $team): string
    {
        $id = $this->entities()
            ->getConnection()
            ->fetchOne("SELECT id FROM $table WHERE team_id = ? LIMIT 1", [$team->id()->toBinary()]);
        self::assertIsString($id);

        return Uuid::fromBinary($id)->toRfc4122();
    }
}
