{{-- Messages by field, which the page's script puts in their places; all others are cleared. --}}
@php
    $told = $problems + ($notes ?? \App\Pages\FieldNotes::beyondTravel($plan));
@endphp
<script id="shot-problems" type="application/json">{!! json_encode((object) Words::sayAll($told),
    JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) !!}</script>
@unless ($looked ?? false)
@include('shots.parts.other-problems', ['problems' => []])
@endunless
