{{-- Two stretches of the card that fit about as well, drawn along all of its photos: one press takes the other. --}}
@php $answers = $page->match['answers'] ?? []; @endphp
@if (count($answers) === 2)<div class="both-answers" role="group" aria-label="{{ __('photos.answers.title') }}">
    @foreach ($answers as $n => $answer)<div><svg viewBox="0 0 1 1" preserveAspectRatio="none" role="img" aria-label="{{ __('photos.answers.from',
        ['part' => $n === 0 ? __('photos.answers.taken') : __('photos.answers.other'),
            'file' => basename($answer['file'])]) }}"><rect class="card-all" width="1" height="1" /><rect class="card-answer" x="{{ $answer['from']
        }}" width="{{ $answer['share'] }}" height="1" /></svg>
        <p>{{ __('photos.answers.is_one', ['file' => basename($answer['file'])]) }} @if ($n === 0)<span class="quiet">{{
            __('photos.answers.current') }}</span>@else<form method="post"
        action="{{ $page->reading->at('place') }}">@csrf @method('put')<input type="hidden" name="file" value="{{ $answer['file'] }}"><input type="hidden"
        name="number" value="1"><button class="button">{{ __('photos.answers.use') }}</button></form>@endif</p></div>@endforeach</div>@endif
