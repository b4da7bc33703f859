<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\Core\People\RosterPlayer;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateTimeType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<PracticeDraft> */
final class PracticeForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var list<RosterPlayer> $roster */
        $roster = $options['roster'];
        $names = [];
        foreach ($roster as $player) {
            $names[$player->number.' '.$player->name] = $player->id;
        }
        $builder
            ->add('startsAt', DateTimeType::class, ['label' => 'Day and time', 'widget' => 'single_text', 'input' => 'datetime_immutable', 'required' => false, 'invalid_message' => 'This is no day and time. Allowed: a day and a time, as in 2027-05-14 17:30.'])
            ->add('minutes', IntegerType::class, ['label' => 'Minutes', 'required' => false, 'attr' => ['data-unit' => 'min'], 'invalid_message' => 'This is not a whole number. Allowed: 40 to 180 minutes.'])
            ->add('helpers', IntegerType::class, ['label' => 'Coaches and parents who help', 'required' => false, 'invalid_message' => 'This is not a whole number. Allowed: 1 to 12.'])
            ->add('place', TextType::class, ['label' => 'Place', 'required' => false])
            ->add('comes', ChoiceType::class, ['label' => 'Who comes', 'choices' => $names, 'multiple' => true, 'expanded' => true, 'required' => false, 'invalid_message' => 'Somebody of these is not on the roster any more.'])
            ->add('version', HiddenType::class, ['empty_data' => '0']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PracticeDraft::class, 'roster' => []]);
    }
}
