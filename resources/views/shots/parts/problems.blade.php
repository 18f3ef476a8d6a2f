{{-- One message slot for every field on the page, filled or emptied; the rest in one place. --}}
@php
    $swap = true;
    $pointers = \App\Plans\FormFields::pointers($plan);
    $beyond = \App\Plans\FormFields::beyondTravel($plan);
@endphp
@foreach ($pointers as $pointer)<x-problem :pointer="$pointer" :message="$problems[$pointer] ?? $beyond[$pointer] ?? null" swap />@endforeach
@include('shots.parts.unsaved')
@include('shots.parts.other-problems', ['problems' => array_diff_key($problems, array_flip($pointers))])
