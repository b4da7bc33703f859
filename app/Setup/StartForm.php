<?php

declare(strict_types=1);

namespace FoxCorner\App\Setup;

use FoxCorner\App\Access\NewPassword;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Level\Level;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EmailType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\PasswordType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<StartDraft> */
final class StartForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('code', TextType::class, [
                'label' => 'Code that bin/start has printed',
                'required' => false,
                'attr' => ['maxlength' => 40, 'autocomplete' => 'off'],
            ])
            ->add('club', TextType::class, [
                'label' => 'Club',
                'required' => false,
                'attr' => ['maxlength' => Club::LONGEST],
            ])
            ->add('team', TextType::class, [
                'label' => 'Team',
                'required' => false,
                'attr' => ['maxlength' => Team::LONGEST],
            ])
            ->add('level', EnumType::class, [
                'label' => 'Who plays',
                'class' => Level::class,
                'expanded' => true,
                'required' => false,
                'placeholder' => false,
                'choice_label' => static fn(Level $level): string => $level->label(),
                'invalid_message' => 'This level is not known. Allowed: one of those shown.',
            ])
            ->add('name', TextType::class, [
                'label' => 'Your name',
                'required' => false,
                'attr' => ['maxlength' => Account::LONGEST, 'autocomplete' => 'name'],
            ])
            ->add('email', EmailType::class, [
                'label' => 'Your e-mail',
                'required' => false,
                'attr' => ['autocomplete' => 'username'],
            ])
            ->add('password', PasswordType::class, [
                'label' => 'A password',
                'required' => false,
                'help' => NewPassword::ADVICE,
                'attr' => ['autocomplete' => 'new-password'],
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        // The token of the door: whoever is here has no session yet.
        $resolver->setDefaults(['data_class' => StartDraft::class, 'csrf_token_id' => 'authenticate']);
    }
}
