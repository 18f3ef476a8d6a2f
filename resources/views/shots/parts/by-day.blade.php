{{-- Which photos are taken on which day, where the shot pauses between; nothing of it where it does not. --}}
<x-part id="by-day" tag="small">@foreach ($page->photosByDay() as $line){{ $settings->clock(Words::capital($line)) }}<br>@endforeach</x-part>
