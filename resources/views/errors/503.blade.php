@extends('errors.minimal')
@section('title', __('errors.503.title'))
@section('message', __('errors.503.says'))
@section('again', '2')
