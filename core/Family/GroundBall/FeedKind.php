<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

/** How a ball is given to somebody at a bag. */
enum FeedKind: string
{
    /** He takes the bag himself. */
    case OwnBag = 'own-bag';
    case Underhand = 'underhand';
    /** Underhand to the side, wrist firm, and walked after. */
    case SideToss = 'side-toss';
    /** Short overhand, from the ear. */
    case Dart = 'dart';
    case Backhand = 'backhand';
    /** He turns his back to the bag and comes around. */
    case Spin = 'spin';
    /** Off the inside foot, in the air. */
    case Jump = 'jump';
    /** A throw with the full arm. */
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::OwnBag => 'Own bag',
            self::SideToss => 'Side toss',
            default => $this->name,
        };
    }

    /** How it is done, as a sentence; feet are those of a right-hander, named by what they do. */
    public function how(): string
    {
        return match ($this) {
            self::OwnBag => 'Keep the ball, step on the outfield-side edge, throw with the bag as a shield.',
            self::Underhand => 'Ball shown early, glove out of the way, walk through it toward the bag.',
            self::SideToss => 'Wide base, open the foot on the bag’s side, push with the legs; wrist firm, palm to ' .
                'the target, then walk after it.',
            self::Dart => 'A short drop-step with the glove-side foot opens the hips, then a firm short throw.',
            self::Backhand => 'Thumb down, elbow high, stay low and push the ball across the body.',
            self::Spin => 'Plant, turn over the glove side with the eyes first, then throw.',
            self::Jump => 'Off the inside foot, turn the shoulders in the air; only from an ordinary ball.',
            self::Full => 'Set the feet, a full throw to the chest on the throwing side.',
        };
    }

    /** Whether only a few can do it: it has to save what a plain one would lose. */
    public function isAStunt(): bool
    {
        return self::Jump === $this || self::Spin === $this;
    }

    /** mph of the ball; null: as the arm and the distance have it. */
    public function mph(): ?float
    {
        return match ($this) {
            self::OwnBag, self::Dart, self::Spin, self::Jump, self::Full => null,
            self::Underhand => 28.0,
            self::SideToss => 24.0,
            self::Backhand => 22.0,
        };
    }

    /** ft over which it is used; source of the first four: the project's model, the others ours. */
    public function upTo(): float
    {
        return match ($this) {
            self::OwnBag => 12.0,
            self::Underhand => 20.0,
            self::SideToss => 15.0,
            self::Backhand => 12.0,
            self::Dart, self::Jump => 45.0,
            self::Spin => 60.0,
            self::Full => \INF,
        };
    }

    /** Of a set exchange (ours). */
    public function exchange(): float
    {
        return match ($this) {
            self::OwnBag => 0.3,
            self::Underhand => 0.62,
            self::SideToss => 0.58,
            self::Backhand => 0.6,
            self::Dart => 0.85,
            self::Jump => 0.8,
            self::Spin => 1.1,
            self::Full => 1.0,
        };
    }

    /** How much wider it scatters than a set throw (ours). */
    public function wider(): float
    {
        return match ($this) {
            self::OwnBag => 0.0,
            self::Underhand => 1.0,
            self::SideToss => 1.3,
            self::Backhand => 2.0,
            self::Dart, self::Full => 1.0,
            self::Jump => 2.2,
            self::Spin => 1.7,
        };
    }
}
