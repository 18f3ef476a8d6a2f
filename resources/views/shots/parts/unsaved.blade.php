{{-- While a field cannot be read, everything else on the page shows the last plan that could. --}}
<p id="unsaved" class="unsaved" @isset($swap) hx-swap-oob="true" @endisset>@if ($problems !== [])<b>Not taken yet.</b> What is marked needs another value; the verdict and the chart show the last plan that could be worked out.@endif</p>
