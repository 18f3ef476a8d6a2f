{{-- What a form shows as kept, so that two windows do not undo each other. --}}
@props(['of'])
@foreach ($of as $field => $value)<input type="hidden" name="was[{{ $field }}]" value="{{ $value }}">@endforeach
