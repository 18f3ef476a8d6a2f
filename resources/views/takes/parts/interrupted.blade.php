{{-- A take that a restored backup brought back: nothing moves until somebody says so. --}}
<section class="panel interrupted" id="interrupted" aria-labelledby="interrupted-title">
    <header class="panel-head"><h2 id="interrupted-title">{{ __('takes.interrupted.title') }}</h2></header>
    <p>{{ __('takes.interrupted.says') }}</p>
    @if ($errors->has('resume.rig'))<p class="short" role="alert">{{ $errors->first('resume.rig') }}</p>@endif
    @if (session('stands'))<p role="status"><strong>{{ session('stands') }}</strong></p>@endif
    <div class="form-acts">
        @foreach (array_filter([
            'ask' => session('stands') ? '' : __('takes.interrupted.ask'), 'go_on' => session('stands') ? __('takes.interrupted.resume') : '',
            'end' => __('takes.interrupted.end'),
        ]) as $act => $label)<form method="post" action="{{ $take->at('takes.resume') }}">@csrf<input type="hidden" name="act" value="{{ $act }}">
            <button @class(['button', 'is-strong' => $act === 'go_on', 'is-quiet' => $act === 'end'])>{{ $label }}</button></form>@endforeach
    </div>
</section>
